using Krasis.Core.Bar.Cups;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Drawing;

/// <summary>How high everything stands.</summary>
internal static class Crown
{
    /// <summary>What does not spill, and on it the toppings; above the brim it keeps the brim's width.</summary>
    public static Millimetres Of(Cup cup, Tally content)
    {
        var brim = cup.BrimCapacity.Value;
        var levels = content.Levels;
        var occupied = levels.Surface > brim && levels.Surface >= levels.Top ? brim : levels.Top;
        return HeightOf(cup, occupied + content.OnTop);
    }

    /// <summary>How high a volume stands, ml, when what is above the brim keeps the brim's width.</summary>
    public static Millimetres HeightOf(Cup cup, double volume)
    {
        var beyond = Math.Max(0, volume - cup.BrimCapacity.Value);
        return cup.HeightFor(Millilitres.From(volume)) + Millimetres.From(beyond / cup.Shape.MlPerMillimetreOfBrim);
    }
}
