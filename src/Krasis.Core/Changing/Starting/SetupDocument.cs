namespace Krasis.Core.Changing.Starting;

/// <summary>What a house says of its bar to begin with.</summary>
public sealed record SetupDocument
{
    /// <summary>The cups; each with what its label says or what it holds weighed.</summary>
    public IReadOnlyList<SetupCup> Cups { get; init; } = [];

    /// <summary>Coffee in, g.</summary>
    public double? DoseGrams { get; init; }

    /// <summary>Espresso out, g.</summary>
    public double? YieldGrams { get; init; }

    /// <summary>The ids of the starter pantry's milks that the house has.</summary>
    public IReadOnlyList<string> Milks { get; init; } = [];

    /// <summary>The flavours, each with its pump.</summary>
    public IReadOnlyList<SetupFlavour> Flavours { get; init; } = [];

    /// <summary>The same without the nulls that its lists may hold when it comes from outside, whatever their types
    /// say.</summary>
    public SetupDocument WithoutNulls() =>
        this with
        {
            Cups = [.. Cups.Where(cup => cup is not null)],
            Milks = [.. Milks.Where(milk => milk is not null)],
            Flavours = [.. Flavours.Where(flavour => flavour is not null)],
        };
}
