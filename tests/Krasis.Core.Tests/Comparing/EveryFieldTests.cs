using System.Reflection;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;

namespace Krasis.Core.Tests.Comparing;

/// <summary>No field of a build's documents is forgotten when two builds are compared or merged: a new one has to be
/// given another value here, told by the diff and kept by the merge.</summary>
public class EveryFieldTests
{
    private static readonly BuildDocument Build = TestBar.Build(
        TestBar.Line("syrup", 4, "stroke"),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml")
    ) with
    {
        Name = "Latte",
    };

    private static readonly Dictionary<string, object?> OtherBuild = new()
    {
        ["Name"] = "Other",
        ["ReserveMm"] = 7.0,
        ["Sizes"] = new[] { "m", "l" },
        ["ReferenceSize"] = "l",
        ["School"] = "same-shot",
        ["Serve"] = "shaken",
        ["Season"] = new SeasonDocument { From = "05-01", To = "09-30" },
        ["Prices"] = new[]
        {
            new PriceDocument { Size = "m", Price = 3 },
        },
        ["Tags"] = new[] { "new" },
        ["Waivers"] = new[]
        {
            new WaiverDocument
            {
                Check = "overfull",
                Size = "m",
                Reason = "x",
            },
        },
        ["Claims"] = new[] { "noAddedSugar" },
        ["SeenColour"] = "#aa8866",
        ["Parent"] = new ParentDocument { Build = "p", How = "Iced" },
        ["Lines"] = new[] { TestBar.Line("syrup", 5, "stroke"), Build.Lines[1], Build.Lines[2] },
    };

    private static readonly Dictionary<string, object?> OtherLine = new()
    {
        ["Ingredient"] = "oat",
        ["Measure"] = "g",
        ["Amount"] = 150.0,
        ["To"] = "to 40 mm",
        ["Recipe"] = "double",
        ["Cooling"] = "fridge",
        ["CooledCelsius"] = 9.0,
        ["SteamedCelsius"] = 48.0,
        ["FoamCapMm"] = 13.0,
        ["Pins"] = new[]
        {
            new PinDocument { Size = "l", Amount = 260 },
        },
        ["Technique"] = "cool",
        ["Foam"] = "low",
        ["Scale"] = new ScaleDocument { By = "fixed" },
        ["Stated"] = "150 ml",
        ["Note"] = "Why.",
    };

    public static TheoryData<string> BuildFields =>
        [.. typeof(BuildDocument).GetProperties().Select(property => property.Name)];

    public static TheoryData<string> LineFields =>
        [.. typeof(LineDocument).GetProperties().Select(property => property.Name).Where(name => name != "Id")];

    [Theory]
    [MemberData(nameof(BuildFields))]
    public void A_changed_field_of_a_build_is_told_and_kept(string field)
    {
        var changed = With(Build, field, OtherBuild[field]);

        Assert.NotEmpty(Diff(Build, changed));
        Assert.Equal(Json(changed), Json(BuildMerge.Of(Build, Build, changed, FullBar.Facts).Build));
        Assert.Equal(Json(changed), Json(BuildMerge.Of(Build, changed, Build, FullBar.Facts).Build));
    }

    [Theory]
    [MemberData(nameof(LineFields))]
    public void A_changed_field_of_a_line_is_told_and_kept(string field)
    {
        // What only speaks where a technique asks for it is changed where it does.
        var technique =
            field is "Cooling" or "CooledCelsius" ? "cool"
            : field is "FoamCapMm" or "SteamedCelsius" ? "steam"
            : null;
        var line = Build.Lines[field == "Recipe" ? 1 : 2] with { Technique = technique };
        var before = Build with { Lines = [.. Build.Lines.Select(each => each.Id == line.Id ? line : each)] };
        var changed = before with
        {
            Lines = [.. before.Lines.Select(each => each.Id == line.Id ? With(line, field, OtherLine[field]) : each)],
        };

        Assert.NotEmpty(Diff(before, changed));
        Assert.Equal(Json(changed), Json(BuildMerge.Of(before, before, changed, FullBar.Facts).Build));
        Assert.Equal(Json(changed), Json(BuildMerge.Of(before, changed, before, FullBar.Facts).Build));
    }

    [Fact]
    public void What_is_told_is_in_words_and_never_in_codes()
    {
        string[] codes = ["same-shot", "05-01", "noAddedSugar", "overIce", "low,", "fixed", "double"];
        var said = BuildFields
            .Select(row => (string)row.Data)
            .Where(field => field is not ("Sizes" or "ReferenceSize"))
            .SelectMany(field => Diff(Build, With(Build, field, OtherBuild[field])))
            .Concat(
                LineFields
                    .Select(row => (string)row.Data)
                    .SelectMany(field =>
                        Diff(
                            Build,
                            Build with
                            {
                                Lines =
                                [
                                    Build.Lines[0],
                                    Build.Lines[1],
                                    With(Build.Lines[2], field, field == "Recipe" ? null : OtherLine[field]),
                                ],
                            }
                        )
                    )
            )
            .SelectMany(difference => new[] { difference.Where, difference.Before, difference.After });

        Assert.All(said, text => Assert.DoesNotContain(codes, code => text.Contains(code, StringComparison.Ordinal)));
    }

    private static IReadOnlyList<Difference> Diff(BuildDocument before, BuildDocument after) =>
        BuildDiff.Between(before, FullBar.Mix(before), after, FullBar.Mix(after), FullBar.Facts);

    private static T With<T>(T document, string field, object? value)
        where T : class
    {
        var copy = (T)typeof(T).GetMethod("<Clone>$")!.Invoke(document, null)!;
        typeof(T).GetProperty(field, BindingFlags.Public | BindingFlags.Instance)!.SetValue(copy, value);
        return copy;
    }

    private static string Json<T>(T document) => System.Text.Json.JsonSerializer.Serialize(document);
}
