using System.Globalization;
using System.Reflection;
using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Changing.Moving;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Judging.Cautions;
using Krasis.Core.Judging.Checks.Amounts;
using Krasis.Core.Judging.Checks.Milk;
using Krasis.Core.Judging.Checks.Order;
using Krasis.Core.Judging.Checks.Taste;
using Krasis.Core.Judging.Standings;
using Krasis.Core.Making;
using Krasis.Core.Making.Ordering;
using Krasis.Core.Physics;
using Krasis.Core.Planning.Keeping;
using Krasis.Core.Working.Drawing;
using Krasis.Core.Working.Nutrition;

namespace Krasis.Core.Tests.Docs;

/// <summary>Checks that docs/method.md gives the constants that the program uses: each sentence is built from the
/// program's constants and must appear in the document.</summary>
public partial class MethodTests
{
    private static readonly string Method = Spaces()
        .Replace(File.ReadAllText(Path.Combine(Root(), "docs", "method.md")), " ");

    public static TheoryData<string> Sentences =>
        [
            // Water, ice, heat.
            $"specific heat of water | {N(Water.SpecificHeat)} J/(g·K)",
            $"specific heat of ice | {N(IceFacts.SpecificHeat)} J/(g·K)",
            $"c_w·(T − T_end) ÷ ({N(IceFacts.Fusion)} + c_ice·|T_ice| + c_w·T_end)",
            $"min(ice, Q ÷ {N(IceFacts.Fusion)} J/g)",
            $"mass ÷ ({N(IceFacts.Density.Value)} g/ml · the cup's volume)",
            $"Σmᵢ·ℓ ÷ {N(Water.AtRoom)}",
            $"as water of {N(Water.AtMelting)} g/ml (IAPWS, 0 °C)",
            $"(emissivity {N(Of(typeof(Air), "Emissivity"))})",
            $"reaches the lid at {N(Of(typeof(HeatLoss), "UnderALid"))} W/(m²·K)",
            $"thickness ÷ {N(Of(typeof(HeatLoss), "Foam"))} W/(m·K)",
            $"the drink at {N(Of(typeof(HeatLoss), "Hot"))} or {N(Of(typeof(HeatLoss), "Iced"))} °C, the room at {N(Of(typeof(HeatLoss), "Room"))} °C. Good to about {N(HeatLoss.Spread * 100)} %",
            $"the share of its water that can freeze | −{N(-FrozenScoop.Freezer)} °C; −{N(-FrozenScoop.FirstIce)} °C; {N(Of(typeof(FrozenScoop), "Freezable"))} |",
            $"{N(Of(typeof(FrozenScoop), "UsualWater"))} % where the label does not tell",
            // Cups and pumps.
            $"more than {N(Of(typeof(CupReader), "LargestContradiction") * 100)} % off the lengths is refused",
            $"More than {N(CupMeasured.LabelTolerance * 100)} % off the weighing",
            $"a stroke more than {N(Dispenser.NominalTolerance)} % off its nominal",
            $"more than {N(Dosing.PairTolerance * 100)} % apart is found",
            // Ingredients.
            $"its mass ÷ {N(IngredientDefaults.DissolvedPowder.Value)} g/ml",
            $"a heap of ice is ice | {N(IngredientDefaults.SolidFraction * 100)} % of it",
            $"usual dose of a syrup, of a sauce | {N(IngredientDefaults.UsualSyrup)}, {N(Dose.UsualSauce)} ml to 100 ml of milk",
            $"fructose 1.2 ({N(Of(typeof(RelativeSweetness), "FructoseCold"))} cold, {N(Of(typeof(RelativeSweetness), "FructoseHot"))} hot)",
            $"a flavour dosed in drops | {N(Of(typeof(BarRounding), "FlavourStep"))} g or ml",
            $"0–{N(BrixDensity.Most)} °Brix",
            $"at most 100 g in 100 g together, with {N(Of(typeof(CompositionReader), "RoundingSlack"))} g for rounding",
            $"specific heat of coffee and tea; milk, syrup, sauce, cream, powder, melted ice cream | as water; {Heats()} J/(g·K)",
            $"served at: espresso, from the fridge, from the shelf, ice | {Served()} °C",
            $"{N(Blender.Work)} J a drink, some 300 W for 25 s",
            $"hot from the pot; steam of a wand | {N(CoffeeBaseReader.FromThePot.Value)} °C; {N(Of(typeof(FoamReader), "UsualSteam"))} °C",
            // Coffee.
            $"(1 − e^(−yield ÷ dose)) in a pull, × {N(Extraction.Brewed)} in a brew",
            $"retained {N(Of(typeof(CoffeeBaseReader), "UsualRetained"))} g/g unless said",
            $"{N(PullVerdict.FlowTolerance * 100)} % beyond; then by its yield, {N(new ServingLimits().YieldTolerance.Value)} g either way",
            $"The usual extraction is {N(Of(typeof(EspressoMeasured), "BandFrom"))}–{N(Of(typeof(EspressoMeasured), "BandTo"))} %",
            // What is in it.
            $"kJ = kcal × {N(Energy.KilojoulesPerKilocalorie)}",
            $"salt = sodium × {N(Of(typeof(LabelRounding), "SaltPerSodium"))}",
            $"low ≤ {N(Of(typeof(SugarBands), "LowPer100Ml"))} g in 100 ml, high > {N(Of(typeof(SugarBands), "HighPer100Ml"))} g in 100 ml or > {N(Of(typeof(SugarBands), "HighPerPortion"))} g in a portion",
            // Checks and cautions.
            $"at least {N(Boundary.Margin)} g/ml denser as served",
            $"beside nothing warmer than {N(PourOrder.Warm)} °C",
            $"once it has come to 0 °C, more than {N(Of(typeof(HotOnTheIce), "Watery"))} % weaker",
            $"in ounces at more than {N(Of(typeof(OuncesForTablespoons), "Suspicious"))} × its usual dose",
            $"a usual dose below {N(Of(typeof(DosedLikeAnother), "Least"))} (alone in the drink) (by the milk) or above {N(Of(typeof(DosedLikeAnother), "Most"))} × of it",
            $"with {N(SweetenedMilkAndFullStrokes.AddedSugar)} g or more of added sugar in 100 g, and a flavour at {N(Of(typeof(SweetenedMilkAndFullStrokes), "NearlyFull"))} of its full dose",
            $"above {N(FoamLevels.Scalds.Value)} °C or the milk's own limit; from above {N(FoamLevels.WarmBefore.Value)} °C; to no level; or {N(Of(typeof(MilkTemperature), "Splash"))} g of cold milk",
            $"foamed cold from above {N(FoamLevels.ColdMilk.Value)} °C",
            $"below {N(Of(typeof(FoamWillNotStand), "FatThatHolds"))} g of fat in 100 g that grew by less than half",
            $"(handed over above {N(AllCautions.Burns)} °C) and caffeine (above {N(AllCautions.CaffeineAtOnce)} mg at once",
            // The adviser, beginnings, transformations.
            $"of shots and strokes the {N(Of(typeof(Search), "MostCounts"))} nearest to what is asked for, of flavours as many that there are {N(Of(typeof(Search), "MostFlavourings"))} combinations at the most",
            $"{N(Of(typeof(Nearness), "DriftWeight"))} · (w₁·(drift in strength, %)² + w₂·(drift in sweetness, %)²) + {N(Of(typeof(Nearness), "FullnessWeight"))} · (difference in fullness, %)² + {N(Of(typeof(Nearness), "IceWeight"))} · (difference in the share of ice, %)²",
            $"is more than {N(FlavourBalance.Allowed)} % ahead of the other",
            $"from {N(new ServingLimits().LeastFill.Value)} % of what fits below the reserve (house rule, no source), or from {N(Of(typeof(FullCup), "OfTheReference") * 100)} % of the reference size's share",
            $"{N(Of(typeof(Goal), "BalanceWeight"))} · |flavours out of balance, %|",
            $"Of the {N(Of(typeof(Adviser), "Finalists"))} best the build is worked out as a whole",
            $"{N(Of(typeof(Krasis.Core.Making.Rescuing.RescueSearch), "BalanceWeight"))} · |flavours out of balance, %|, where each thing that is changed counts {N(Of(typeof(Krasis.Core.Making.Rescuing.RescueSearch), "EachChange"))}",
            $"the cup filled to {N(Of(typeof(Krasis.Core.Making.Rescuing.RescueSearch), "BelowTheBrim"))} mm below its brim",
            $"stands in for espresso at {N(Of(typeof(Skeleton), "StrongPerShot"))} ml a shot",
            $"{N(Of(typeof(Skeleton), "StrokesPerMl") * 300)} strokes and {N(Of(typeof(Skeleton), "PowderPerMl") * 300)} g of powder go to 300 ml",
            $"blended: flavour × {N(Of(typeof(Serving), "BlendedFlavour"))}",
            $"what has moved by less than {N(Of(typeof(Adjuster), "Hardly") * 100)} % is left",
            // Orders, prep, limits.
            $"Dose and tamp {N(Pace.Dose)} s, a pull the middle of its window ({N(Pace.Pull)} s without one), anything else that goes in {N(Pace.Put)} s",
            $"pouring milk {N(Pace.PourMilk)} s, stirring {N(StepWords.StirSeconds)} s, cooling a shot {N(CoolingWays.OverIceSeconds)} s, shaking {N(StepWords.ShakeSeconds)} s, blending {N(StepWords.BlendSeconds)} s, emptying the vessel {N(Pace.Empty)} s, hand-over {N(Pace.HandOver)} s",
            $"At most {BuildReader.MostLines} lines and {BuildReader.MostSizes} sizes in a build",
            $"held to {N(TwoStageCooling.FromCelsius)} → {N(TwoStageCooling.MiddleCelsius)} °C in two hours and → {N(TwoStageCooling.ColdCelsius)} °C in four more",
        ];

    [Theory]
    [MemberData(nameof(Sentences))]
    public void What_the_method_tells_is_what_the_program_reckons_with(string sentence) =>
        Assert.True(Method.Contains(sentence, StringComparison.Ordinal), $"docs/method.md does not say: {sentence}");

    private static string Heats() =>
        string.Join(
            ", ",
            new[]
            {
                IngredientKind.Milk,
                IngredientKind.Syrup,
                IngredientKind.Sauce,
                IngredientKind.Topping,
                IngredientKind.Powder,
                IngredientKind.IceCream,
            }.Select(kind => N(IngredientDefaults.SpecificHeat(kind).Value))
        );

    private static string Served() =>
        string.Join(
            ", ",
            new[] { IngredientKind.Espresso, IngredientKind.Milk, IngredientKind.Syrup, IngredientKind.Ice }.Select(
                kind => N(IngredientDefaults.ServedAt(kind).Value)
            )
        );

    private static string N(double value) => value.ToString("0.#####", CultureInfo.InvariantCulture);

    // A constant that its class keeps to itself.
    private static double Of(Type type, string name) =>
        Convert.ToDouble(
            type.GetField(name, BindingFlags.Static | BindingFlags.NonPublic | BindingFlags.Public)!
                .GetRawConstantValue(),
            CultureInfo.InvariantCulture
        );

    private static string Root([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", ".."));

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();
}
