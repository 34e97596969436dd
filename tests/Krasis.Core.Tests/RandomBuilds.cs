using CsCheck;
using Krasis.Core.Builds;

namespace Krasis.Core.Tests;

/// <summary>Builds at the full bar as nobody would write them, and some as somebody would; not every one can be
/// read.</summary>
internal static class RandomBuilds
{
    private static readonly Gen<LineDocument> Lines = Gen.Select(
        Gen.OneOfConst(
            "espresso:shot:4",
            "milk:ml:320",
            "oat:ml:200",
            "sweet-milk:ml:150",
            "coffee:ml:250",
            "syrup:stroke:8",
            "syrup:us-fl-oz:2",
            "sauce:g:60",
            "white:g:60",
            "cocoa:g:30",
            "smoke:g:2",
            "whip:g:40",
            "ice:g:250",
            "ice:cube:10"
        ),
        Gen.Double[0, 1],
        Gen.OneOfConst(null, "pour", "stir", "steam", "cool", "dissolve", "foam"),
        Gen.OneOfConst(null, "low", "high", "cold"),
        Gen.OneOfConst<string?>(null, null, "fixed", "ladder", "coffee", "sweetness", "rest"),
        Gen.OneOfConst(0.0, 0, 0, 0.4, 1, 1.7),
        (what, share, technique, foam, by, pin) =>
            (what.Split(':'), share, technique, foam, by, pin) switch
            {
                var (of, part, how, level, scale, hand) => TestBar.Line(of[0], Amount(of, part), of[1]) with
                {
                    Technique = how,
                    Foam = how is "steam" or "foam" ? level : null,
                    Scale = scale is null ? null : new ScaleDocument { By = scale },
                    Pins = hand == 0 ? [] : [new() { Size = "s", Amount = Amount(of, part * hand / 1.7) }],
                },
            }
    );

    public static Gen<BuildDocument> Any { get; } =
        Gen.Select(
            Lines.List[2, 6],
            Gen.OneOfConst<string?>("hot", "iced", "layered", "shaken", "blended", null),
            Gen.Double[0, 15],
            (lines, serve, reserve) =>
                TestBar.Build([.. lines.Select((line, i) => line with { Id = $"{line.Ingredient}-{i}" })]) with
                {
                    Serve = serve,
                    ReserveMm = Math.Round(reserve),
                }
        );

    private static double Amount(string[] of, double share) =>
        Math.Round(
            share * double.Parse(of[2], System.Globalization.CultureInfo.InvariantCulture),
            of[1] is "g" or "ml" ? 1 : 0
        );
}
