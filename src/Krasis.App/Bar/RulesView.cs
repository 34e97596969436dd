using Krasis.Core.Bar.House;
using Krasis.Core.Quantities;

namespace Krasis.App.Bar;

/// <summary>The house rules as they hold: what the house has said, and what is taken where it has said
/// nothing.</summary>
/// <param name="Room">How warm the room is.</param>
/// <param name="MilkFrom">The coolest that steamed milk should be.</param>
/// <param name="MilkTo">The hottest that steamed milk should be.</param>
/// <param name="SauceTolerance">How far a squeeze of sauce may overshoot.</param>
/// <param name="CalibrationDays">For how many days a weighing of strokes is good.</param>
/// <param name="CalibrationTolerance">How near the average of weighed strokes is to come to the true stroke.</param>
/// <param name="HalfStrokes">Whether half strokes are given from pumps that do not say otherwise.</param>
/// <param name="StrengthWeight">How much a percent of drift in strength weighs when the adviser ranks.</param>
/// <param name="SweetnessWeight">How much a percent of drift in sweetness weighs when the adviser ranks.</param>
/// <param name="Glucose">How sweet glucose is against sucrose.</param>
/// <param name="Fructose">How sweet fructose is against sucrose.</param>
/// <param name="Lactose">How sweet lactose is against sucrose.</param>
/// <param name="Maltose">How sweet maltose is against sucrose.</param>
/// <param name="Galactose">How sweet galactose is against sucrose.</param>
/// <param name="LayeredMelt">How much of the ice that a layered drink could melt has melted by hand-over.</param>
/// <param name="BuiltMelt">How much of the ice that a built iced drink could melt has melted by hand-over.</param>
/// <param name="ShakenAir">Air that shaking puts into a drink, of its volume.</param>
/// <param name="BlendedAir">Air that blending puts into a drink, of its volume.</param>
/// <param name="HotFrom">The coolest that a hot drink may be handed over.</param>
/// <param name="Standing">How long what is made may stand.</param>
/// <param name="Places">How many people make an order's drinks at a time, and with what.</param>
/// <param name="Serving">What a served cup is held to.</param>
/// <param name="ColourDrift">How far a size may be from the reference size in colour, ΔE₀₀.</param>
/// <param name="Currency">What stands after an amount of money.</param>
public sealed record RulesView(
    Celsius Room,
    Celsius MilkFrom,
    Celsius MilkTo,
    Percent SauceTolerance,
    int CalibrationDays,
    Percent CalibrationTolerance,
    bool HalfStrokes,
    double StrengthWeight,
    double SweetnessWeight,
    double Glucose,
    double Fructose,
    double Lactose,
    double Maltose,
    double Galactose,
    Percent LayeredMelt,
    Percent BuiltMelt,
    Percent ShakenAir,
    Percent BlendedAir,
    Celsius HotFrom,
    StandingLimits Standing,
    Workplaces Places,
    ServingLimits Serving,
    double ColourDrift,
    string Currency
)
{
    /// <summary>The rules of a house.</summary>
    public static RulesView Of(HouseRules house) =>
        new(
            house.Room,
            house.MilkFrom,
            house.MilkTo,
            house.SauceTolerance,
            house.CalibrationDays,
            house.CalibrationTolerance,
            house.HalfStrokes,
            house.StrengthWeight,
            house.SweetnessWeight,
            house.Sweetness.Glucose,
            house.Sweetness.Fructose,
            house.Sweetness.Lactose,
            house.Sweetness.Maltose,
            house.Sweetness.Galactose,
            house.LayeredMelt,
            house.BuiltMelt,
            house.ShakenAir,
            house.BlendedAir,
            house.HotFrom,
            house.Standing,
            house.Places,
            house.Serving,
            house.AllowedColourDrift,
            house.Currency
        );
}
