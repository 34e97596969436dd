using Krasis.App.Shared;
using Krasis.Core.Builds.Scaling;

namespace Krasis.App.Mixing;

/// <summary>Lists the ways of scaling.</summary>
public sealed class ListSchools() : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<SchoolView>> Run() =>
        Result.Of<IReadOnlyList<SchoolView>>([
            .. School.All.Select(school => new SchoolView(school.Code, school.Name, school.Says)),
        ]);
}
