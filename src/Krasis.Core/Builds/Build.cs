using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Quantities;

namespace Krasis.Core.Builds;

/// <summary>A drink's recipe, read against the facts of one bar by <see cref="BuildReader"/>.</summary>
/// <param name="Name">What the drink is called.</param>
/// <param name="Reserve">Height kept free below the brim, for foam, whip and lid.</param>
/// <param name="Sizes">The cups it is sold in, at least one, none twice.</param>
/// <param name="ReferenceSize">The one of them that the lead tastes and sets first.</param>
/// <param name="School">How the other sizes follow from it.</param>
/// <param name="Lines">What goes in, in pour order.</param>
public sealed record Build(
    string Name,
    Millimetres Reserve,
    IReadOnlyList<CupId> Sizes,
    CupId ReferenceSize,
    School School,
    IReadOnlyList<BuildLine> Lines
)
{
    /// <summary>How it is served.</summary>
    public Serve Serve { get; init; }

    /// <summary>Whether that was said; else it goes by the ice.</summary>
    public bool IsServeSaid { get; init; }

    /// <summary>When it is on the board; null all year.</summary>
    public Season? Season { get; init; }

    /// <summary>Findings that the lead lets be.</summary>
    public IReadOnlyList<Waiver> Waivers { get; init; } = [];

    /// <summary>What is claimed of it.</summary>
    public IReadOnlyList<Claim> Claims { get; init; } = [];

    /// <summary>The colour of a real cup of it at the reference size, as <c>#rrggbb</c>; null when nobody has
    /// looked.</summary>
    public string? SeenColour { get; init; }

    /// <summary>What the sizes are sold for, as far as it is known.</summary>
    public IReadOnlyDictionary<CupId, Money> Prices { get; init; } = new Dictionary<CupId, Money>();
}
