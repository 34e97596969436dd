using Krasis.Core.Bar.Cups;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Mixing;

/// <summary>How high everything stands.</summary>
internal static class Crown
{
    /// <summary>What does not spill, and on it the toppings; above the brim it keeps the brim's width.</summary>
    public static Millimetres Of(Cup cup, Tally content)
    {
        var brim = cup.BrimCapacity.Value;
        var levels = content.Levels;
        var occupied = levels.Surface > brim && levels.Surface >= levels.Top ? brim : levels.Top;
        var top = occupied + content.OnTop;
        var area = Math.PI * cup.Shape.Top.Value * cup.Shape.Top.Value / 4;
        return top <= brim ? cup.HeightFor(Millilitres.From(top)) : cup.Shape.Height + Millimetres.From((top - brim) * 1000 / area);
    }
}
