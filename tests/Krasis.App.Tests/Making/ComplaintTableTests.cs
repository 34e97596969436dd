using Krasis.Core.Bar.Cups;
using Krasis.Core.Making.Complaining;

namespace Krasis.App.Tests.Making;

/// <summary>What is checked first for each of 14 complaints about each of the Plover Lock's 13 drinks, before anything
/// was measured: common practice, no source.</summary>
public sealed class ComplaintTableTests(PloverLock house) : IClassFixture<PloverLock>
{
    // A drink is built in one of these ways, and that says what is checked first.
    private static readonly string[] Ways = ["hot", "iced", "shaken", "blended", "layered", "brewed"];

    private static readonly Dictionary<string, string> WayOf = new()
    {
        ["Black sesame latte"] = "hot",
        ["Cardamom latte"] = "hot",
        ["Cardamom oat latte"] = "hot",
        ["Maple swell latte"] = "hot",
        ["Orange peel mocha"] = "hot",
        ["Orange peel mocha, half sweet"] = "hot",
        ["Cherry coconut iced mocha"] = "iced",
        ["Hazelnut iced latte"] = "iced",
        ["Coconut shake-up"] = "shaken",
        ["Cherry coconut mocha, blended"] = "blended",
        ["Ginger-pear tide"] = "layered",
        ["Lockside cold brew"] = "brewed",
        ["Maple iced coffee"] = "brewed",
    };

    // Sour and bitter begin at the shot's seconds, or at the brew; watery at what went in; too sweet at the pumps; not
    // cold at the ice; lukewarm at the milk's end; running over at the foam, or the ice. A drink that is not made so has
    // no other cause.
    private const string Table = """
        Sour               time-the-shot time-the-shot time-the-shot time-the-shot time-the-shot brewed-short
        Bitter             time-the-shot time-the-shot time-the-shot time-the-shot time-the-shot old-brew
        Watery             shots-in      shots-in      shots-in      shots-in      shots-in      keg-not-stirred
        TooSweet           strokes-in    strokes-in    strokes-in    strokes-in    strokes-in    strokes-in
        Flat               stale-coffee  stale-coffee  stale-coffee  stale-coffee  stale-coffee  old-brew
        SauceOnTheBottom   stir-longer   stir-longer   mix-longer    mix-longer    stir-longer   stir-longer
        FoamDripsThrough   old-milk      not-so-made   not-so-made   not-so-made   not-so-made   not-so-made
        FoamStandsStiff    stood-too-long not-so-made  not-so-made   not-so-made   not-so-made   not-so-made
        LayersRanTogether  not-so-made   not-so-made   not-so-made   not-so-made   hands         not-so-made
        NotCold            not-so-made   ice-in        ice-in        ice-in        ice-in        ice-in
        Lukewarm           milk-s-end    ice-in        ice-in        ice-in        ice-in        ice-in
        RunsOver           foamed-higher much-ice      much-ice      much-ice      much-ice      much-ice
        WrongColour        not-looked-at not-looked-at not-looked-at not-looked-at stands-in-layers not-looked-at
        DifferentEveryTime no-mark       no-mark       no-mark       no-mark       no-mark       no-mark/weigh-some
        """;

    public static TheoryData<Complaint> Complaints => [.. ComplaintWords.All];

    [Theory]
    [MemberData(nameof(Complaints))]
    public void What_a_trainer_checks_first_comes_first(Complaint complaint)
    {
        var row = Table
            .Split('\n')
            .Select(line => line.Split(' ', StringSplitOptions.RemoveEmptyEntries))
            .Single(words => words[0] == $"{complaint}");
        var (builds, bar) = house.File.Read(session =>
            (session.Builds.List().Select(build => build.Document).ToList(), session.Bar.Facts())
        );
        Assert.Equal(WayOf.Keys.Order(), builds.Select(build => build.Name!).Order());

        foreach (var build in builds)
        {
            var found = Diagnosis.Of(build, bar, new CupId(build.ReferenceSize!), complaint, []).Value.Causes;
            var expected = row[1 + Array.IndexOf(Ways, WayOf[build.Name!])];
            Assert.True(
                found.Count > 0 && expected.Split('/').Contains(found[0].Code),
                $"{build.Name}: {string.Join(", ", found.Select(cause => cause.Code))}; {expected} comes first"
            );

            // Never more of what there is too much of, and nothing hot about a cold drink.
            if (complaint == Complaint.TooSweet)
            {
                Assert.DoesNotContain(found, cause =>
                    cause.Mend?.Edits.Any(edit => edit.Amount > AmountIn(build, edit.Line.Value)) == true
                );
            }
        }
    }

    private static double AmountIn(Krasis.Core.Builds.BuildDocument build, string line) =>
        build.Lines.Single(each => each.Id == line).Amount!.Value;
}
