using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks;

/// <summary>Looks at one size of a sheet for one kind of mistake.</summary>
internal interface ICheck
{
    /// <summary>Its name in findings, such as <c>overfull</c>; it is kept with what the lead lets be, and never
    /// changes.</summary>
    string Name { get; }

    /// <summary>What it finds.</summary>
    /// <param name="setting">The build, the bar and the day.</param>
    /// <param name="size">The size, worked out.</param>
    /// <param name="worked">The same, before it was made into a sheet.</param>
    IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked);
}
