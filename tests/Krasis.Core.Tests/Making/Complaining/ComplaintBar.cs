using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Making.Complaining;
using Krasis.Core.Making.Pouring;

namespace Krasis.Core.Tests.Making.Complaining;

/// <summary>The drinks and bars of the complaint tests, and how they check the causes.</summary>
internal static class ComplaintBar
{
    public static readonly BuildDocument Latte = TestBar.Build(
        Line("syrup", 2, "stroke"),
        Line("espresso", 2, "shot"),
        Line("milk", 200, "ml") with
        {
            Technique = "steam",
            Foam = "low",
        }
    ) with
    {
        Serve = "hot",
        ReserveMm = 10,
    };

    public static readonly BuildDocument Iced = TestBar.Build(
        Line("syrup", 2, "stroke"),
        Line("espresso", 2, "shot") with
        {
            Technique = "cool",
            Cooling = "chilledJug",
        },
        Line("milk", 120, "ml"),
        Line("ice", 120, "g")
    ) with
    {
        Serve = "iced",
    };

    public static void Leads(
        Complaint complaint,
        params (BuildDocument Build, BarFacts Bar, PourFinding[] Poured, string Cause)[] cases
    )
    {
        var wrong = new List<string>();
        foreach (var (build, bar, poured, cause) in cases)
        {
            var size = build.Lines.Any(line => line.Pins.Count > 0) ? "s" : "m";
            // What is asked because no number shows it has a table of its own.
            var causes = Diagnosis
                .Of(build, bar, new CupId(size), complaint, poured)
                .Value.Causes.Where(each => !each.IsAsked)
                .ToList();
            if (causes.Count == 0 || causes[0].Code != cause)
            {
                wrong.Add(
                    $"{cause}: {string.Join("; ", causes.Select(each => $"{each.Code} {each.Weight:0.0} {each.Says}"))}"
                );
            }
        }

        Assert.Empty(wrong);
    }

    public static LineDocument Line(string ingredient, double amount, string measure) =>
        TestBar.Line(ingredient, amount, measure);

    public static BuildDocument Pin(
        BuildDocument build,
        string line,
        string reference,
        double set,
        string size,
        double amount
    ) =>
        build with
        {
            ReferenceSize = reference,
            Lines =
            [
                .. build.Lines.Select(each =>
                    each.Id == line ? each with { Amount = set, Pins = [new() { Size = size, Amount = amount }] } : each
                ),
            ],
        };

    public static BarFacts Foamed(string id, Func<FoamDocument, FoamDocument> make) =>
        FullBar.Read(
            FullBar.Document with
            {
                Foams = [.. FullBar.Document.Foams.Select(foam => foam!.Id == id ? make(foam) : foam)],
            }
        );
}
