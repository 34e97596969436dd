using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Making.Complaining;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>Lists what can be wrong with a drink.</summary>
public sealed class ListComplaints(KrasisFile file) : IUseCase
{
    /// <summary>Does it. Of a build that cannot be read yet, everything may be wrong.</summary>
    public Result<IReadOnlyList<ComplaintView>> Run(ComplainedRequest request)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var read = BuildReader.Read(request.Build.WithoutNulls(), bar, nameless: true);
        return Result.Of<IReadOnlyList<ComplaintView>>([
            .. (read.IsRead ? ComplaintWords.Of(read.Value, bar) : ComplaintWords.All).Select(each => new ComplaintView(
                each,
                ComplaintWords.Say(each)
            )),
        ]);
    }
}
