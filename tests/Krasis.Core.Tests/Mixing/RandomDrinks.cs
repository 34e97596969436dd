using CsCheck;
using Krasis.Core.Builds;

namespace Krasis.Core.Tests.Mixing;

/// <summary>Random drinks for the tests of whole drinks.</summary>
internal static class RandomDrinks
{
    public static readonly Gen<BuildDocument> Drinks = Gen.Select(
        Gen.OneOfConst("hot", "iced", "layered", "shaken", "blended"),
        Gen.Int[0, 4],
        Gen.Double[0, 250],
        Gen.Int[0, 5],
        Gen.Double[0, 250],
        Gen.Bool,
        (serve, shots, milk, strokes, ice, steamed) =>
            TestBar.Build(
                TestBar.Line("syrup", strokes, "stroke"),
                TestBar.Line("espresso", shots, "shot"),
                TestBar.Line("milk", milk, "ml") with
                {
                    Technique = steamed ? "steam" : null,
                    Foam = steamed ? "low" : null,
                },
                TestBar.Line("ice", ice, "g"),
                TestBar.Line("whip", 10, "g") with
                {
                    Technique = "top",
                }
            ) with
            {
                Serve = serve,
            }
    );
}
