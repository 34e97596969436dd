using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Making.Rescuing;

/// <summary>What a drink that was made came to.</summary>
/// <param name="Strength">How far it is from its standard in strength; null when that is not known.</param>
/// <param name="Sweetness">The same in sweetness.</param>
/// <param name="RoomLeft">Working volume that was left; negative when it was too full.</param>
/// <param name="IsAllowed">Whether it fits and is as near to its standard as the house allows.</param>
public sealed record PouredTaste(Percent? Strength, Percent? Sweetness, Millilitres RoomLeft, bool IsAllowed)
{
    /// <summary>What that is to whoever made it.</summary>
    public string Says
    {
        get
        {
            var (strong, sweet) = DriftWords.Of(Strength, Sweetness);
            return $"{char.ToUpperInvariant(strong[0])}{strong[1..]}, {sweet}";
        }
    }

    /// <summary>Works it out from what went in; a line of which nothing is said was poured as planned.</summary>
    /// <inheritdoc cref="Rescuer.Rescue"/>
    public static Reading<PouredTaste> Of(
        Build build,
        BarFacts bar,
        string? station,
        CupId size,
        IReadOnlyList<PouredLine> poured
    )
    {
        var cup = HalfMade.Read(build, bar, station, size, poured);
        if (!cup.IsRead)
        {
            return Reading<PouredTaste>.Failed(cup.Problems);
        }

        // The reserve is kept for what stands on top: without it the drink may go nearly to the brim.
        var tops = cup.Value.Own.Lines.Where(line => line.IsPoured && line.IsOnTop).ToList();
        var isLeftOut = tops.Count > 0 && tops.TrueForAll(line => cup.Value.Actual[line.Index] == 0);
        var search = isLeftOut ? RescueSearch.ToTheBrim(cup.Value) : RescueSearch.In(cup.Value);
        var way = search.Of(new double[cup.Value.Own.Lines.Count]);
        return Reading<PouredTaste>.Of(
            new PouredTaste(way.Strength, way.Sweetness, Millilitres.From(way.RoomLeft), way.IsAllowed)
        );
    }
}
