using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.House;

/// <summary>What a served cup is held to. The values to begin with are common practice, without a source, except for
/// caffeine.</summary>
public sealed record ServingLimits
{
    /// <summary>The warmest that a cold drink may be handed over.</summary>
    public Celsius ColdTo { get; init; } = Celsius.From(8);

    /// <summary>The least that a cup is filled, of what fits below the reserve. A size beside a reference that is
    /// itself less full may be so too.</summary>
    public Percent LeastFill { get; init; } = Percent.From(85);

    /// <summary>The least ice in a drink over ice, of what the cup holds, as g to ml.</summary>
    public Percent LeastIce { get; init; } = Percent.From(25);

    /// <summary>How far a pull's yield may be off its recipe, either way.</summary>
    public Grams YieldTolerance { get; init; } = Grams.From(2);

    /// <summary>The least ice to a ml of liquid in the blender, g.</summary>
    public double BlendedIceFrom { get; init; } = 0.8;

    /// <summary>The most ice to a ml of liquid in the blender, g.</summary>
    public double BlendedIceTo { get; init; } = 1.4;

    /// <summary>The volume of the blender jar, ice included; null when it is not entered.</summary>
    public Millilitres? Jar { get; init; }

    /// <summary>The least milk to a gram of coffee in a hot drink, g.</summary>
    public double HotMilkFrom { get; init; } = 3;

    /// <summary>The most milk to a gram of coffee in a hot drink, g.</summary>
    public double HotMilkTo { get; init; } = 6;

    /// <summary>The least milk to a gram of coffee in a drink over ice, g.</summary>
    public double IcedMilkFrom { get; init; } = 2.5;

    /// <summary>The most milk to a gram of coffee in a drink over ice, g.</summary>
    public double IcedMilkTo { get; init; } = 5;

    /// <summary>The most that a drink may cost, of its price.</summary>
    public Percent CostShare { get; init; } = Percent.From(30);

    /// <summary>The most caffeine in a cup, mg: what gives no concern for healthy adults in a whole day (EFSA Journal
    /// 2015;13(5):4102).</summary>
    public double MostCaffeine { get; init; } = 400;

    /// <summary>Reads them.</summary>
    /// <param name="document">What is entered; null for the usual ones.</param>
    /// <param name="fields">Takes the problems, under <c>serving</c>.</param>
    internal static ServingLimits Read(ServingLimitsDocument? document, FieldReader fields)
    {
        var usual = new ServingLimits();
        if (document is null)
        {
            return usual;
        }

        var limits = new ServingLimits
        {
            ColdTo = Celsius.From(Read("coldToCelsius", document.ColdToCelsius, -5, 30, "°C") ?? usual.ColdTo.Value),
            LeastFill = Percent.From(
                Read("leastFillPercent", document.LeastFillPercent, 0, 100, "%") ?? usual.LeastFill.Value
            ),
            LeastIce = Percent.From(
                Read("leastIcePercent", document.LeastIcePercent, 0, 100, "%") ?? usual.LeastIce.Value
            ),
            BlendedIceFrom = Read("blendedIceFrom", document.BlendedIceFrom, 0, 5, "g") ?? usual.BlendedIceFrom,
            BlendedIceTo = Read("blendedIceTo", document.BlendedIceTo, 0, 5, "g") ?? usual.BlendedIceTo,
            YieldTolerance = Grams.From(
                Read("yieldToleranceGrams", document.YieldToleranceGrams, 0.1, 20, "g") ?? usual.YieldTolerance.Value
            ),
            Jar = Read("jarMl", document.JarMl, 100, 20_000, "ml") is { } jar ? Millilitres.From(jar) : null,
            HotMilkFrom = Read("hotMilkFrom", document.HotMilkFrom, 0, 50, "g") ?? usual.HotMilkFrom,
            HotMilkTo = Read("hotMilkTo", document.HotMilkTo, 0, 50, "g") ?? usual.HotMilkTo,
            IcedMilkFrom = Read("icedMilkFrom", document.IcedMilkFrom, 0, 50, "g") ?? usual.IcedMilkFrom,
            IcedMilkTo = Read("icedMilkTo", document.IcedMilkTo, 0, 50, "g") ?? usual.IcedMilkTo,
            CostShare = Percent.From(
                Read("costSharePercent", document.CostSharePercent, 1, 100, "%") ?? usual.CostShare.Value
            ),
            MostCaffeine = Read("mostCaffeineMg", document.MostCaffeineMg, 10, 2000, "mg") ?? usual.MostCaffeine,
        };
        Ordered("blendedIceTo", limits.BlendedIceFrom, limits.BlendedIceTo);
        Ordered("hotMilkTo", limits.HotMilkFrom, limits.HotMilkTo);
        Ordered("icedMilkTo", limits.IcedMilkFrom, limits.IcedMilkTo);
        return limits;

        double? Read(string field, double? value, double least, double most, string unit) =>
            fields.Optional($"serving.{field}", value, least, most, unit);

        void Ordered(string field, double from, double to)
        {
            if (to < from)
            {
                fields.Report(
                    $"serving.{field}",
                    Say.Short(to),
                    $"The most, {Say.Short(to)}, is below the least, {Say.Short(from)}.",
                    $"at least {Say.Short(from)}"
                );
            }
        }
    }
}
