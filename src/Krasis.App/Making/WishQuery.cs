using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;

namespace Krasis.App.Making;

/// <summary>What a guest asks for, as it stands in an address or a request.</summary>
public sealed record WishQuery
{
    /// <summary>The id of the milk to take in the place of every milk.</summary>
    public string? Milk { get; init; }

    /// <summary>75, 50 or 25: the share of the sweetness that stays, %.</summary>
    public double? Sweet { get; init; }

    /// <summary>How many shots more; fewer where it is negative.</summary>
    public int? Shots { get; init; }

    /// <summary>Whether half of its shots without caffeine.</summary>
    public bool? HalfCaf { get; init; }

    /// <summary>1 or -1: a stroke of its first flavour more or less.</summary>
    public int? Strokes { get; init; }

    /// <summary>The id of the syrup to use instead of its first.</summary>
    public string? Syrup { get; init; }

    /// <summary>none, light or extra: how much ice.</summary>
    public string? Ice { get; init; }

    /// <summary>extra or kids: how hot its milk.</summary>
    public string? Heat { get; init; }

    /// <summary>Whether in the next larger cup.</summary>
    public bool? BiggerCup { get; init; }

    /// <summary>Whether without caffeine.</summary>
    public bool? Decaf { get; init; }

    /// <summary>Whether without what stands on top.</summary>
    public bool? NoTop { get; init; }

    /// <summary>Reads it.</summary>
    /// <returns>The wish; problems under the names of what is not one.</returns>
    public Reading<GuestWish> Read()
    {
        var fields = new FieldReader();
        var ice = fields.OptionalWord<IceWish>("ice", Ice);
        var heat = fields.OptionalWord<HeatWish>("heat", Heat);
        return fields.Finish(() =>
            new GuestWish
            {
                Milk = Milk is { } milk ? new IngredientId(milk) : null,
                Sweet = Sweet,
                Shots = Shots ?? 0,
                HalfCaf = HalfCaf ?? false,
                Strokes = Strokes ?? 0,
                Syrup = Syrup is { } syrup ? new IngredientId(syrup) : null,
                Ice = ice,
                Heat = heat,
                BiggerCup = BiggerCup ?? false,
                Decaf = Decaf ?? false,
                NoTop = NoTop ?? false,
            }
        );
    }
}
