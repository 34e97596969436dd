using System.Globalization;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Starting;

/// <summary>Builds to begin from: every base, served every way, fits and can be poured. What they hold is common
/// practice, no source.</summary>
public class SkeletonTests
{
    public static TheoryData<DrinkBase, Serve, string> Everything
    {
        get
        {
            var data = new TheoryData<DrinkBase, Serve, string>();
            foreach (
                var made in new[]
                {
                    DrinkBase.Espresso,
                    DrinkBase.Batch,
                    DrinkBase.Strong,
                    DrinkBase.Powder,
                    DrinkBase.Chocolate,
                }
            )
            {
                foreach (var serve in Enum.GetValues<Serve>())
                {
                    // As heavy as milk: no layer of it holds.
                    if ((made, serve) == (DrinkBase.Batch, Serve.Layered))
                    {
                        continue;
                    }

                    data.Add(made, serve, "s m l");
                    data.Add(made, serve, "l");
                }
            }

            return data;
        }
    }

    [Theory]
    [MemberData(nameof(Everything))]
    public void A_proposal_fits_is_nearly_full_and_has_no_fault(DrinkBase made, Serve serve, string cups)
    {
        var sizes = cups.Split(' ');
        var build = Skeleton.Propose(made, serve, [.. sizes.Select(id => new CupId(id))], StartBar.Bar).Value.Build;
        var sheet = FullBar.Mix(build with { Name = "New" }, StartBar.Bar);
        var reference = sheet.Sizes.Single(size => size.IsReference);

        Assert.Equal(sizes, sheet.Sizes.Select(size => size.Size.Value));
        Assert.Equal(serve, sheet.Serve);
        Assert.InRange(reference.Fill.RoomLeft.Value, 0, 45);
        Assert.Empty(
            sheet.Findings.Where(finding => finding.Severity != Severity.Note).Select(finding => finding.Message)
        );
        Assert.All(reference.Lines, line => Assert.True(line.Amount > 0, line.IngredientName));
    }

    // Room below a reserve of 10 mm: 180, 360 and 540 ml. Two strokes and 12 g to 300 ml; a third of the room is ice
    // where it is cold; two shots, and a third from 520 ml of room on; milk takes what is left, in steps of 5 ml. Sauce goes by its usual 12.5 ml to 100 ml of milk and ice, weighed to a gram.
    [Theory]
    [InlineData(DrinkBase.Espresso, Serve.Hot, "s", "1 stroke syrup; 2 shot espresso; # ml milk steam low")]
    [InlineData(DrinkBase.Espresso, Serve.Hot, "m", "2 stroke syrup; 2 shot espresso; # ml milk steam low")]
    [InlineData(DrinkBase.Espresso, Serve.Hot, "l", "4 stroke syrup; 3 shot espresso; # ml milk steam low")]
    [InlineData(DrinkBase.Espresso, Serve.Iced, "s", "1 stroke syrup; 2 shot espresso cool; # ml milk stir; 60 g ice")]
    [InlineData(DrinkBase.Espresso, Serve.Iced, "m", "2 stroke syrup; 2 shot espresso cool; # ml milk stir; 120 g ice")]
    [InlineData(DrinkBase.Espresso, Serve.Iced, "l", "4 stroke syrup; 3 shot espresso cool; # ml milk stir; 180 g ice")]
    [InlineData(DrinkBase.Chocolate, Serve.Hot, "m", "36 g sauce; 2 shot espresso stir; # ml milk steam low")]
    [InlineData(
        DrinkBase.Chocolate,
        Serve.Iced,
        "m",
        "40 g sauce dissolve; 2 shot espresso cool; # ml milk stir; 120 g ice"
    )]
    [InlineData(DrinkBase.Powder, Serve.Hot, "m", "14 g cocoa dissolve; # ml milk steam low")]
    [InlineData(DrinkBase.Powder, Serve.Iced, "m", "14 g cocoa dissolve; # ml milk; 120 g ice")]
    [InlineData(DrinkBase.Strong, Serve.Hot, "m", "2 stroke syrup; 60 ml brew; # ml milk steam low")]
    [InlineData(DrinkBase.Strong, Serve.Iced, "m", "2 stroke syrup; 60 ml brew cool; # ml milk stir; 120 g ice")]
    [InlineData(DrinkBase.Batch, Serve.Hot, "m", "2 stroke syrup; # ml coffee; 90 ml milk steam low")]
    [InlineData(DrinkBase.Batch, Serve.Iced, "m", "2 stroke syrup; # ml coffee; 60 ml milk stir; 120 g ice")]
    public void A_proposal_is_made_of_the_house_s_own_parts_and_measures(
        DrinkBase made,
        Serve serve,
        string cup,
        string lines
    )
    {
        var build = Skeleton.Propose(made, serve, [new(cup)], StartBar.Bar).Value.Build;
        var filler = made == DrinkBase.Batch ? "coffee" : "milk";
        var said = build.Lines.Select(line =>
            string.Create(
                CultureInfo.InvariantCulture,
                $"{(line.Ingredient == filler ? "#" : line.Amount)} {line.Measure} {line.Ingredient}{(line.Technique is null ? "" : $" {line.Technique}")}{(line.Foam is null ? "" : $" {line.Foam}")}"
            )
        );

        Assert.Equal(lines, string.Join("; ", said));
        Assert.Equal((10, cup, "with-the-cup"), (build.ReserveMm, build.ReferenceSize, build.School));

        // As full as steps of 5 ml bring it, with what steam and foam add.
        Assert.InRange(FullBar.Mix(build with { Name = "New" }, StartBar.Bar).Sizes[0].Fill.RoomLeft.Value, 0, 9);
    }

    [Fact]
    public void A_bar_without_a_pump_foam_or_a_stirred_base_has_a_proposal_too()
    {
        var bare = FullBar.Read(FullBar.Document with { Dispensers = [], Foams = [] });
        var hot = Skeleton.Propose(DrinkBase.Espresso, Serve.Hot, [new("m")], bare).Value.Build;
        Assert.Equal(
            [("syrup", "ml"), ("espresso", "shot"), ("milk", "ml")],
            hot.Lines.Select(line => (line.Ingredient!, line.Measure!))
        );
        Assert.Equal(18, hot.Lines[0].Amount!.Value, 1e-9); // 2.4 strokes of 7.5 ml.
        Assert.All(hot.Lines, line => Assert.Null(line.Foam));
        Assert.Null(hot.Lines[2].Technique);
    }

    [Fact]
    public void The_middle_cup_is_the_reference_and_a_low_cup_keeps_half_its_height()
    {
        Assert.Equal(
            "m",
            Skeleton
                .Propose(DrinkBase.Espresso, Serve.Hot, [new("s"), new("m"), new("l")], StartBar.Bar)
                .Value.Build.ReferenceSize
        );
        Assert.Equal(
            "s",
            Skeleton
                .Propose(DrinkBase.Espresso, Serve.Hot, [new("s"), new("m")], StartBar.Bar)
                .Value.Build.ReferenceSize
        );

        // A reserve of 60 mm would leave less than half of a cup of 100 mm, and less still of one of 80 mm.
        var low = FullBar.Read(
            FullBar.Document with
            {
                House = FullBar.Document.House with { ReserveMm = 60 },
                Cups =
                [
                    FullBar.Document.Cups[0] with
                    {
                        HeightMm = 80,
                        WaterGrams = 160 * 0.99997,
                    },
                    .. FullBar.Document.Cups.Skip(1),
                ],
            }
        );
        Assert.Equal(
            40,
            Skeleton.Propose(DrinkBase.Espresso, Serve.Hot, [new("s"), new("m")], low).Value.Build.ReserveMm
        );
        Assert.Equal(50, Skeleton.Propose(DrinkBase.Espresso, Serve.Hot, [new("m")], low).Value.Build.ReserveMm);
    }

    [Fact]
    public void Flavour_goes_in_first_and_ice_last_unless_it_is_layered()
    {
        Assert.Equal(["Syrup", "Espresso", "Milk", "Ice"], Names(Serve.Iced));
        Assert.Equal("Ice", Names(Serve.Layered)[0]);
        Assert.Equal("Espresso", Names(Serve.Layered)[^1]);
        Assert.Equal(["Syrup", "Espresso", "Milk"], Names(Serve.Hot));
    }

    private static string[] Names(Serve serve) =>
        [
            .. FullBar
                .Mix(
                    Skeleton.Propose(DrinkBase.Espresso, serve, [new("m")], StartBar.Bar).Value.Build with
                    {
                        Name = "New",
                    },
                    StartBar.Bar
                )
                .Sizes[0]
                .Lines.Select(line => line.IngredientName),
        ];
}
