using Krasis.App.Tastings;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Store.Tastings;
using Krasis.Store.Values;
using Krasis.Tasting.Documents;

namespace Krasis.App.Seeding;

/// <summary>Four finished tastings of the demo café, all by simulated tasters, one of them not decided yet, and notes
/// from the counter.</summary>
public static class SeedTastings
{
    private static readonly ConditionsDocument Usual = new()
    {
        Coffee = "Lock blend",
        Grinder = "2.6 on the bar's mill",
        Water = "filtered, 90 mg/l",
        Room = "21 °C, before opening",
        Poured = "IN",
    };

    /// <summary>Fills the logbook.</summary>
    /// <param name="session">The file, with the demo's builds in it.</param>
    /// <param name="now">The moment before which all of it was.</param>
    public static void Fill(Session session, DateTimeOffset now)
    {
        var builds = session.Builds.List().ToDictionary(build => build.Document.Name!);
        var today = DateOnly.FromDateTime(now.UtcDateTime);
        var (cardamom, tide, hazelnut, sesame, peel) = (
            builds["Cardamom latte"],
            builds["Ginger-pear tide"],
            builds["Hazelnut iced latte"],
            builds["Black sesame latte"],
            builds["Orange peel mocha"]
        );
        Hold(
            session,
            1,
            new TastingDocument
            {
                Name = "Sesame, cardamom or orange peel for the winter board",
                Question = "best",
                Samples = [In(sesame, "plover"), In(cardamom, "plover"), In(peel, "plover")],
                Tasters = 18,
                Seed = 20_611,
                Conditions = Usual with { RoastedOn = Day(today, 30) },
            },
            new Dictionary<string, double> { ["sweetness"] = -15 },
            now.AddDays(-19),
            "The sesame stays first on the board; the others go beside it."
        );
        Hold(
            session,
            2,
            new TastingDocument
            {
                Name = "Do Rush and Willow of the hazelnut taste alike?",
                Question = "triangle",
                Samples = [In(hazelnut, "rush"), In(hazelnut, "willow")],
                Tasters = 24,
                Seed = 20_612,
                Conditions = Usual with { RoastedOn = Day(today, 22) },
            },
            new Dictionary<string, double>(),
            now.AddDays(-12),
            "Nobody drinks both at once: they stay as they are until the autumn board."
        );
        Hold(
            session,
            3,
            new TastingDocument
            {
                Name = "Is the ginger-pear tide right?",
                Question = "suits",
                Samples = [In(tide, "rush")],
                Scales = ["strength", "sweetness", "flavour"],
                Tasters = 16,
                Seed = 20_613,
                Conditions = Usual with { RoastedOn = Day(today, 15), Poured = "TO" },
            },
            new Dictionary<string, double>(),
            now.AddDays(-6),
            "It suits as it is; taste again with the first pears of spring."
        );
        Hold(
            session,
            4,
            new TastingDocument
            {
                Name = "Is the cardamom latte too sweet?",
                Question = "suits",
                Samples = [In(cardamom, "plover")],
                Scales = ["strength", "sweetness", "flavour", "body"],
                Tasters = 14,
                Seed = 20_614,
                Conditions = Usual with { RoastedOn = Day(today, 9) },
            },
            new Dictionary<string, double> { ["sweetness"] = -14 },
            now.AddDays(-1),
            null
        );
        Note(session, 1, cardamom, "plover", "Plover", 6, "A bit too sweet, I'd take one less.", "IN", now.AddDays(-9));
        Note(
            session,
            2,
            cardamom,
            "plover",
            "Plover",
            6,
            "Still sweet. The cardamom is lovely, though.",
            "TO",
            now.AddDays(-5)
        );
        Note(session, 3, cardamom, "wren", "Wren", 7, null, "IN", now.AddDays(-2));
        Note(session, 4, hazelnut, "rush", "Rush", 8, "Cold enough at the last sip.", "RB", now.AddDays(-3));
    }

    private static void Hold(
        Session session,
        int number,
        TastingDocument document,
        IReadOnlyDictionary<string, double> wants,
        DateTimeOffset at,
        string? why
    )
    {
        var id = Id(number);
        session.Tastings.Add(id, Tasted.Write(document), at.AddHours(-1));
        var setup = TastingReader.Read(document).Value;
        session.Tastings.Open(id, 1, Tasted.Write(Tasted.Look(session, setup).Value), at);
        Practice.Fill(
            session,
            Tasted.Of(session.Tastings.Find(id)!),
            setup.Tasters,
            wants,
            setup.Seed,
            at.AddMinutes(20)
        );
        session.Tastings.Close(id, 2, at.AddMinutes(40));
        if (why is not null)
        {
            session.Tastings.Decide(
                id,
                Tasted.Write(
                    new TastingDecision(
                        at.AddHours(1),
                        "IN",
                        why,
                        null,
                        $"All stays as it is after the tasting of {at:d MMM} (simulated tasters).",
                        null,
                        null,
                        null,
                        null
                    )
                )
            );
        }
    }

    private static void Note(
        Session session,
        int number,
        StoredBuild build,
        string size,
        string sizeName,
        int liking,
        string? words,
        string who,
        DateTimeOffset at
    ) =>
        session.Tastings.Add(
            new StoredNote(
                $"00000000-0000-0000-0001-{number:x12}",
                build.Id,
                build.SavedVersion,
                size,
                Timestamp.Write(at),
                who,
                liking,
                words,
                Tasted.Write(new KeptNote(build.Document.Name!, sizeName, words, null, null))
            )
        );

    private static SampleDocument In(StoredBuild build, string size) => new() { Build = build.Id, Size = size };

    private static string Id(int number) => $"00000000-0000-0000-0000-{number:x12}";

    private static string Day(DateOnly today, int ago) =>
        today.AddDays(-ago).ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture);
}
