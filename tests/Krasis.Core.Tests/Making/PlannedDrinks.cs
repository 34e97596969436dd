using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Making;

namespace Krasis.Core.Tests.Making;

/// <summary>The drinks of the plan tests.</summary>
internal static class PlannedDrinks
{
    public static readonly LineDocument Syrup = TestBar.Line("syrup", 2, "stroke");
    public static readonly LineDocument Shots = TestBar.Line("espresso", 2, "shot");
    public static readonly LineDocument Milk = TestBar.Line("milk", 200, "ml");
    public static readonly LineDocument Steamed = Milk with { Technique = "steam", Foam = "low" };

    public static MakingPlan Middle(BuildDocument document) =>
        Planner
            .Plan(BuildReader.Read(document, FullBar.Facts).Value, FullBar.Facts)
            .Value.Single(plan => plan.Size.Value == "m");
}
