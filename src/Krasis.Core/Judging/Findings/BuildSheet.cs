using System.Text.Json.Serialization;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Findings;

/// <summary>A build worked out for every size.</summary>
/// <param name="Name">What the drink is called.</param>
/// <param name="ReferenceSize">The size that the lead sets.</param>
/// <param name="School">The code of the school by which the other sizes follow.</param>
/// <param name="Serve">How it is served.</param>
/// <param name="Sizes">Every size, in the build's order.</param>
/// <param name="AllowedStrengthDrift">How far a size may be from the reference size in strength.</param>
/// <param name="AllowedSweetnessDrift">How far a size may be from the reference size in sweetness.</param>
/// <param name="AllowedColourDrift">How far a size may be from the reference size in colour, ΔE₀₀.</param>
/// <param name="Currency">What stands after an amount of money.</param>
/// <param name="Findings">What the checks have found, the gravest first.</param>
public sealed record BuildSheet(
    string Name,
    CupId ReferenceSize,
    string School,
    Serve Serve,
    IReadOnlyList<SizeSheet> Sizes,
    Percent AllowedStrengthDrift,
    Percent AllowedSweetnessDrift,
    double AllowedColourDrift,
    string Currency,
    IReadOnlyList<Finding> Findings
)
{
    private readonly IReadOnlyList<Caution>? recorded;

    /// <summary>Cautions for making and drinking it, by the techniques that the build uses. They are worked out when
    /// they are first read, unless the sheet was read from a record.</summary>
    [JsonRequired]
    public IReadOnlyList<Caution> Cautions
    {
        get => recorded ?? Warn?.Value ?? [];
        init => recorded = value;
    }

    /// <summary>Works the cautions out.</summary>
    internal Lazy<IReadOnlyList<Caution>>? Warn { get; init; }
}
