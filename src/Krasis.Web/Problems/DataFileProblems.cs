using Krasis.Store.Files;
using Microsoft.AspNetCore.Diagnostics;

namespace Krasis.Web.Problems;

/// <summary>Says in a sentence that the data file cannot be used, where a request needed it.</summary>
public sealed class DataFileProblems : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        if (exception is not DataFileException trouble)
        {
            return false;
        }

        await ProblemResult.Unkept(trouble).ExecuteAsync(httpContext).ConfigureAwait(false);
        return true;
    }
}
