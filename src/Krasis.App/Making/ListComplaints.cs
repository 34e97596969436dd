using Krasis.App.Shared;
using Krasis.Core.Making.Complaining;

namespace Krasis.App.Making;

/// <summary>Lists what guests complain of.</summary>
public sealed class ListComplaints() : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<ComplaintView>> Run() =>
        Result.Of<IReadOnlyList<ComplaintView>>([
            .. ComplaintWords.All.Select(each => new ComplaintView(each, ComplaintWords.Say(each))),
        ]);
}
