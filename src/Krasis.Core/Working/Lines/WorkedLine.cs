using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Lines;

/// <summary>One line in one size, settled.</summary>
/// <param name="Index">Its place in the pour order, from 0.</param>
/// <param name="Facts">Everything the sums need of the line, the same in every size.</param>
/// <param name="Amount">What the bar pours, in the line's measure.</param>
/// <param name="Exact">What the lead's rules ask for before any rounding, in the line's measure.</param>
/// <param name="Origin">Where the amount comes from.</param>
/// <param name="Stretch">How many times the recipe's dose goes into a pull; one for what is not stretched.</param>
/// <param name="Mark">To where it fills the cup; null where it goes in by amount.</param>
/// <param name="Trouble">Why the mark is not met.</param>
internal sealed record WorkedLine(
    int Index,
    LineFacts Facts,
    double Amount,
    double Exact,
    Origin Origin,
    double Stretch,
    Mark? Mark,
    MarkTrouble Trouble
)
{
    /// <summary>Grams as poured.</summary>
    public double Mass => Facts.Mass(Amount, Stretch);

    /// <summary>How many times the recipe's dose would go into a pull if nothing were rounded.</summary>
    public double ExactStretch { get; init; } = 1;

    /// <summary>Espresso of the same pulls that goes into the cup by lines before it, g.</summary>
    public double PulledBefore { get; init; }

    /// <summary>Whether no later line of the cup is poured by the same pulls.</summary>
    public bool IsLastOfItsPull { get; init; } = true;

    /// <summary>Espresso that is pulled for it, whole pulls, beside what is pulled for lines before it; zero for what is
    /// not espresso, and where a pull before has enough.</summary>
    public int Pulls => Facts.Recipe is null ? 0 : WholePulls(PulledBefore + Mass) - WholePulls(PulledBefore);

    /// <summary>Espresso of its pulls that goes into no cup, g; less than a hundredth of a pull is none.</summary>
    public double PouredAway =>
        Facts.Recipe is not null
        && IsLastOfItsPull
        && (WholePulls(PulledBefore + Mass) * PullYield) - PulledBefore - Mass is var away
        && away > PullYield / 100
            ? away
            : 0;

    /// <summary>How many times the recipe's dose goes into each of its pulls. Where pulls stretch with the cup, what is
    /// typed by weight or volume is pulled in as few baskets as take it, each as full as that needs.</summary>
    public double PullStretch
    {
        get
        {
            if (Facts.Recipe is not { } recipe || Mass <= 0)
            {
                return Stretch;
            }

            var fewest = Math.Max(1, Math.Ceiling((Mass / recipe.Yield.Value / Facts.MostStretch) - 1e-9));
            return Math.Max(Stretch, Mass / recipe.Yield.Value / fewest is var full && full > 1 ? full : 0);
        }
    }

    private double PullYield => Facts.Recipe!.Yield.Value * PullStretch;

    private int WholePulls(double grams) => (int)Math.Ceiling((grams / PullYield) - 1e-9);

    /// <summary>Whether anything of it goes in.</summary>
    public bool IsPoured => Amount > 0;

    /// <summary>The line as it was written.</summary>
    public BuildLine Line => Facts.Line;

    /// <summary>What goes in.</summary>
    public Ingredient Ingredient => Facts.Ingredient;

    /// <summary>The foam level that it is steamed or foamed to.</summary>
    public FoamLevel? Foam => Facts.Foam;

    /// <summary>The smallest difference that the bar pours, in the line's measure.</summary>
    public double Step => Facts.Step;

    /// <summary>Whether it stands on the drink and is no part of the liquid.</summary>
    public bool IsOnTop => Facts.IsOnTop;

    /// <summary>Whether it is part of the drink: neither on top of it nor on the glass.</summary>
    public bool IsInside => Facts.IsInside;

    /// <summary>Whether it is ice in the drink.</summary>
    public bool IsIce => Facts.IsIce;

    /// <summary>How warm it goes into the cup, °C.</summary>
    public double Temperature => Facts.Temperature;

    /// <summary>Millilitres of a gram in the drink, without foam.</summary>
    public double VolumePerGram => Facts.VolumePerGram;

    /// <summary>What the card says the amount is in another measure; null where it is said once, or worked
    /// out.</summary>
    /// <param name="size">The size.</param>
    public Quantity? StatedIn(CupId size) =>
        !IsSaid ? null
        : Line.PinnedStated.TryGetValue(size, out var pinned) ? pinned
        : Origin == Origin.Set ? Line.Stated
        : null;

    /// <summary>Whether somebody has said the amount, and not scaling.</summary>
    public bool IsSaid => IsPoured && Origin != Origin.Scaled;
}
