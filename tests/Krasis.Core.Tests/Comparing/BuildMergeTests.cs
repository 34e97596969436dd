using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Tests.Outside;
using static Krasis.Core.Tests.Comparing.MergeBuilds;

namespace Krasis.Core.Tests.Comparing;

/// <summary>Two people's changes of one build: neither is lost, and what both have changed is told.</summary>
public class BuildMergeTests
{
    [Fact]
    public void Who_alone_has_changed_something_has_it_his_way() =>
        Changed
            .Seeded()
            .Sample(changed =>
                Same(changed, Merge(changed, Origin).Build)
                && Same(changed, Merge(Origin, changed).Build)
                && Merge(changed, Origin).Clashes.Count == 0
                && Merge(Origin, changed).Clashes.Count == 0
            );

    [Fact]
    public void What_both_have_changed_alike_does_not_clash() =>
        Changed
            .Seeded()
            .Sample(changed => Merge(changed, changed) is { Clashes.Count: 0 } merged && Same(changed, merged.Build));

    [Fact]
    public void A_merged_build_can_always_be_poured_and_has_every_line_that_either_changed() =>
        Gen.Select(Changed, Changed)
            .Seeded()
            .Sample(
                (mine, theirs) =>
                {
                    var merged = Merge(mine, theirs).Build;
                    var kept = Origin.Lines.Where(line =>
                        mine.Lines.Any(one => one.Id == line.Id) && theirs.Lines.Any(one => one.Id == line.Id)
                    );
                    return BuildReader.Read(merged, TestBar.Facts).IsRead
                        && kept.All(line => merged.Lines.Count(one => one.Id == line.Id) == 1)
                        && merged.Lines.Select(line => line.Id).Distinct().Count() == merged.Lines.Count;
                }
            );

    [Fact]
    public void Different_cells_of_one_line_are_both_kept()
    {
        var mine = With(line => line.Id == "milk" ? line with { Amount = 220, Note = "Slowly." } : line);
        var theirs = With(line =>
            line.Id == "milk"
                ? line with
                {
                    Technique = "steam",
                    Pins = [new() { Size = "l", Amount = 300 }, new() { Size = "s", Amount = 90 }],
                }
                : line
        );
        var merged = Merge(mine, theirs);
        var milk = merged.Build.Lines.Single(line => line.Id == "milk");

        Assert.Empty(merged.Clashes);
        Assert.Equal((220, "Slowly.", "steam"), (milk.Amount, milk.Note, milk.Technique));
        Assert.Equal([("l", 300), ("s", 90)], milk.Pins.Select(pin => (pin.Size!, pin.Amount!.Value)));
    }

    [Fact]
    public void A_line_taken_out_by_one_and_changed_by_the_other_stays()
    {
        var without = Origin with { Lines = [.. Origin.Lines.Where(line => line.Id != "syrup")] };
        var changed = With(line => line.Id == "syrup" ? line with { Amount = 5 } : line);

        var mineGone = Merge(without, changed);
        Assert.Contains(mineGone.Build.Lines, line => line is { Id: "syrup", Amount: 5 });
        Assert.Equal([new("Lines/syrup", "Syrup", "changed", "removed")], mineGone.Clashes);

        var theirsGone = Merge(changed, without);
        Assert.Contains(theirsGone.Build.Lines, line => line is { Id: "syrup", Amount: 5 });
        Assert.Equal([new("Lines/syrup", "Syrup", "removed", "changed")], theirsGone.Clashes);

        // It goes where that is chosen.
        var removed = new Dictionary<string, MergeChoice> { ["Lines/syrup"] = MergeChoice.Mine };
        Assert.DoesNotContain(BuildMerge.Of(Origin, without, changed, TestBar.Facts, removed).Build.Lines, line =>
            line.Id == "syrup"
        );
        removed["Lines/syrup"] = MergeChoice.Theirs;
        Assert.DoesNotContain(BuildMerge.Of(Origin, changed, without, TestBar.Facts, removed).Build.Lines, line =>
            line.Id == "syrup"
        );

        // One that nobody has changed is out.
        Assert.DoesNotContain(Merge(Origin, without).Build.Lines, line => line.Id == "syrup");
    }

    [Fact]
    public void What_one_adds_stands_where_it_was_put_and_the_other_s_order_holds()
    {
        var mine = Origin with { Lines = [Origin.Lines[0], TestBar.Line("ice", 80, "g"), .. Origin.Lines.Skip(1)] };
        var theirs = Origin with { Lines = [Origin.Lines[1], Origin.Lines[0], Origin.Lines[2]] };

        Assert.Equal(["espresso", "syrup", "ice", "milk"], Merge(mine, theirs).Build.Lines.Select(line => line.Id));
    }

    [Fact]
    public void A_size_taken_off_takes_its_pins_and_cannot_be_the_reference()
    {
        var merged = Merge(Origin with { ReferenceSize = "l" }, Origin with { Sizes = ["s", "m"] }).Build;

        Assert.Equal(["s", "m"], merged.Sizes);
        Assert.Equal("s", merged.ReferenceSize);
        Assert.All(merged.Lines, line => Assert.DoesNotContain(line.Pins, pin => pin.Size == "l"));
    }

    [Fact]
    public void What_is_said_of_a_size_that_goes_goes_with_it_and_some_size_is_left()
    {
        var said = With(line =>
            line.Id == "syrup"
                ? line with
                {
                    Scale = new() { By = "ladder", Ladder = [new() { Size = "l", Amount = 6 }] },
                }
                : line
        ) with
        {
            Prices = [.. Origin.Prices, new() { Size = "l", Price = 5 }],
        };
        var merged = Merge(said, Origin with { Sizes = ["s", "m"] }).Build;
        Assert.Equal(["m"], merged.Prices.Select(price => price.Size));
        Assert.Empty(merged.Lines[0].Scale!.Ladder);
        Assert.True(BuildReader.Read(merged, TestBar.Facts).IsRead);

        var apart = Merge(Origin with { Sizes = ["m"] }, Origin with { Sizes = ["s", "l"], ReferenceSize = "s" }).Build;
        Assert.Equal(["m"], apart.Sizes);
        Assert.Equal("m", apart.ReferenceSize);
        Assert.True(BuildReader.Read(apart, TestBar.Facts).IsRead);
    }
}
