using Krasis.Core.Ingredients;

namespace Krasis.Core.Tasting;

/// <summary>How sweet a gram of each sugar tastes, against a gram of sucrose.</summary>
public static class RelativeSweetness
{
    /// <summary>The usual textbook values for dilute solutions: sucrose 1, glucose 0.7, fructose 1.2, lactose 0.16,
    /// maltose 0.33 (all from memory; published values scatter, lactose from 0.16 to 0.2 and maltose from 0.3 to 0.5,
    /// and all of them shift with strength and temperature).</summary>
    public static double Of(Sugar sugar) => sugar switch
    {
        Sugar.Sucrose => 1,
        Sugar.Glucose => 0.7,
        Sugar.Fructose => 1.2,
        Sugar.Lactose => 0.16,
        Sugar.Maltose => 0.33,
        _ => throw new ArgumentOutOfRangeException(nameof(sugar), sugar, "There is no such sugar."),
    };
}
