using CsCheck;
using Krasis.Core.Making.Complaining;
using static Krasis.Core.Tests.Making.Complaining.ComplaintBar;

namespace Krasis.Core.Tests.Making.Complaining;

/// <summary>What may be behind a drink that is too cold or too warm.</summary>
public class TemperatureComplaintTests
{
    [Fact]
    public void Not_cold() =>
        Leads(
            Complaint.NotCold,
            (
                Iced with
                {
                    Lines = [Line("espresso", 2, "shot"), Line("milk", 120, "ml"), Line("ice", 200, "g")],
                },
                FullBar.Facts,
                [],
                "goes-in-hot"
            ),
            (Iced with { Lines = [Line("milk", 250, "ml"), Line("ice", 20, "g")] }, FullBar.Facts, [], "little-ice"),
            (
                Iced with
                {
                    Lines = [Line("milk", 150, "ml"), Line("ice", 150, "g")],
                },
                FullBar.With("milk", milk => milk with { ServedCelsius = 18 }),
                [],
                "warm-milk"
            ),
            (
                Iced with
                {
                    Lines = [Line("milk", 100, "ml"), Line("ice", 180, "g")],
                },
                FullBar.With("milk", milk => milk with { ServedCelsius = 4 }),
                [],
                "stir-it"
            )
        );

    [Fact]
    public void An_iced_drink_that_is_called_lukewarm_is_not_cold() =>
        Leads(
            Complaint.Lukewarm,
            (
                Iced with
                {
                    Lines = [Line("espresso", 2, "shot"), Line("milk", 120, "ml"), Line("ice", 200, "g")],
                },
                FullBar.Facts,
                [],
                "goes-in-hot"
            )
        );

    [Fact]
    public void Lukewarm() =>
        Leads(
            Complaint.Lukewarm,
            (Latte, Foamed("low", foam => foam with { ToCelsius = 45 }), [], "milk-too-cool"),
            (
                Latte,
                FullBar.Read(
                    FullBar.Document with
                    {
                        Cups =
                        [
                            .. FullBar.Document.Cups.Select(cup => cup with { Material = "ceramic", EmptyGrams = 320 }),
                        ],
                    }
                ),
                [],
                "cold-cup"
            ),
            (
                Latte with
                {
                    Lines =
                    [
                        Line("espresso", 2, "shot"),
                        Line("milk", 200, "ml") with
                        {
                            Technique = "steam",
                            Foam = "low",
                        },
                        Line("oat", 60, "ml"),
                    ],
                },
                FullBar.Facts,
                [],
                "goes-in-cold"
            ),
            (
                Latte with
                {
                    Lines =
                    [
                        Line("espresso", 2, "shot"),
                        Line("milk", 200, "ml") with
                        {
                            Technique = "steam",
                            Foam = "low",
                        },
                    ],
                },
                FullBar.Facts,
                [],
                "stands-too-long"
            )
        );
}
