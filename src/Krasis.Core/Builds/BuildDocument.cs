namespace Krasis.Core.Builds;

/// <summary>A build as it is entered and stored. Nothing in it is trusted before <see cref="BuildReader"/> has read
/// it.</summary>
public sealed record BuildDocument
{
    /// <summary>What the drink is called.</summary>
    public string? Name { get; init; }

    /// <summary>Height kept free below the brim, mm.</summary>
    public double? ReserveMm { get; init; }

    /// <summary>The ids of the cups it is sold in.</summary>
    public IReadOnlyList<string> Sizes { get; init; } = [];

    /// <summary>The id of the cup that the lead tastes and sets first; one of <see cref="Sizes"/>.</summary>
    public string? ReferenceSize { get; init; }

    /// <summary>The code of the school by which the other sizes follow; with-the-cup when there is none.</summary>
    public string? School { get; init; }

    /// <summary>What goes in, in pour order.</summary>
    public IReadOnlyList<LineDocument> Lines { get; init; } = [];

    /// <summary>One of hot, iced, layered, shaken, blended; when it is missing, iced with ice in it and hot
    /// without.</summary>
    public string? Serve { get; init; }

    /// <summary>When it is on the board; all year when it is missing.</summary>
    public SeasonDocument? Season { get; init; }

    /// <summary>What the sizes are sold for.</summary>
    public IReadOnlyList<PriceDocument> Prices { get; init; } = [];

    /// <summary>Words to find it by.</summary>
    public IReadOnlyList<string> Tags { get; init; } = [];

    /// <summary>Findings that the lead lets be.</summary>
    public IReadOnlyList<WaiverDocument> Waivers { get; init; } = [];

    /// <summary>What is claimed of it, such as noAddedSugar.</summary>
    public IReadOnlyList<string> Claims { get; init; } = [];

    /// <summary>The colour of a real cup of it at the reference size, handed over, as #rrggbb; by it the worked-out
    /// colours of every size are set right. Missing when nobody has looked.</summary>
    public string? SeenColour { get; init; }

    /// <summary>The build that it is a variant of; missing when it stands by itself.</summary>
    public ParentDocument? Parent { get; init; }

    /// <summary>The same without the nulls that its lists may hold when it comes from outside, whatever their types
    /// say.</summary>
    public BuildDocument WithoutNulls() =>
        this with
        {
            Sizes = Kept(Sizes),
            Lines =
            [
                .. Kept(Lines)
                    .Select(line =>
                        line with
                        {
                            Pins = Kept(line.Pins),
                            Scale = line.Scale is { } scale ? scale with { Ladder = Kept(scale.Ladder) } : null,
                        }
                    ),
            ],
            Prices = Kept(Prices),
            Tags = Kept(Tags),
            Waivers = Kept(Waivers),
            Claims = Kept(Claims),
        };

    private static IReadOnlyList<T> Kept<T>(IReadOnlyList<T> list)
        where T : class => [.. list.Where(entry => entry is not null)];
}
