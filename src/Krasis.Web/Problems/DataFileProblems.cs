using Krasis.Store.Files;
using Microsoft.AspNetCore.Diagnostics;

namespace Krasis.Web.Problems;

/// <summary>Says in a sentence that the data file, or a copy of it, cannot be used, where a request needed
/// it.</summary>
public sealed class DataFileProblems : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(
        HttpContext httpContext,
        Exception exception,
        CancellationToken cancellationToken
    )
    {
        var problem = exception switch
        {
            DataFileException trouble => ProblemResult.Unkept(trouble),
            KrasisFileException trouble => ProblemResult.NoFile(trouble),
            _ => null,
        };
        if (problem is null)
        {
            return false;
        }

        await problem.ExecuteAsync(httpContext).ConfigureAwait(false);
        return true;
    }
}
