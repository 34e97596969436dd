using System.Globalization;
using System.Text.Json;
using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Store;
using Krasis.Store.Tastings;
using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>A tasting read from the file.</summary>
/// <param name="Stored">As it is kept.</param>
/// <param name="Document">As it was set up.</param>
/// <param name="Setup">The same, read; null while a draft cannot be held yet.</param>
/// <param name="Problems">Why it cannot.</param>
/// <param name="Opened">What was tasted; null before it was opened.</param>
/// <param name="Withdrawn">The places of the samples that were withdrawn.</param>
/// <param name="Decision">What was decided; null before.</param>
public sealed record Tasted(
    StoredTasting Stored,
    TastingDocument Document,
    TastingSetup? Setup,
    IReadOnlyList<Problem> Problems,
    OpenedTasting? Opened,
    IReadOnlyList<int> Withdrawn,
    TastingDecision? Decision
)
{
    private static readonly JsonSerializerOptions Json = Options();

    /// <summary>Reads a tasting.</summary>
    public static Tasted Of(StoredTasting stored)
    {
        var document = Read<TastingDocument>(stored.Document);
        var reading = TastingReader.Read(document);
        return new Tasted(
            stored,
            document,
            reading.IsRead ? reading.Value : null,
            reading.Problems,
            stored.Opened is { } opened ? Read<OpenedTasting>(opened) : null,
            Read<List<int>>(stored.Withdrawn),
            stored.Decision is { } decision ? Read<TastingDecision>(decision) : null
        );
    }

    /// <summary>How documents are written in the file.</summary>
    public static string Write<T>(T document) => JsonSerializer.Serialize(document, Json);

    /// <summary>How they are read.</summary>
    public static T Read<T>(string json) => JsonSerializer.Deserialize<T>(json, Json)!;

    /// <summary>Looks at what is to be tasted as it stands now.</summary>
    /// <returns>It; a problem at every sample that is not there or cannot be worked out.</returns>
    public static Reading<OpenedTasting> Look(Session session, TastingSetup setup)
    {
        var fields = new FieldReader();
        var today = session.Bar.Facts();
        var samples = new List<OpenedSample>();
        var builds = new List<(Build, BarFacts)?>();
        for (var i = 0; i < setup.Samples.Count; i++)
        {
            var (sample, at) = (setup.Samples[i], $"samples[{i}]");
            if (sample.Build is not { } id)
            {
                samples.Add(
                    new OpenedSample(sample.Words!, null, null, null, null, null, null, null, null, null, null)
                );
                builds.Add(null);
                continue;
            }

            if (Find(session, id, sample.Place, today) is not var (document, facts, version))
            {
                fields.Report(
                    $"{at}.build",
                    sample.Place,
                    "That build, or that version of it, is no longer there.",
                    "one of the builds of the library"
                );
                continue;
            }

            var reading = BuildReader.Read(document, facts);
            var size = new CupId(sample.Size!);
            if (!reading.IsRead || !reading.Value.Sizes.Contains(size))
            {
                fields.Report(
                    $"{at}.size",
                    sample.Size,
                    reading.IsRead
                        ? $"{document.Name} is not sold in that cup."
                        : $"{document.Name} cannot be worked out now: {reading.Problems[0].Message}",
                    "one of the build's sizes"
                );
                continue;
            }

            var sheet = Mixer.Mix(reading.Value, facts).Sizes.Single(each => each.Size == size);
            var flavour = sheet
                .Lines.Where(line => facts.Find(line.Ingredient)?.Kind is IngredientKind.Syrup or IngredientKind.Sauce)
                .Sum(line => line.Mass.Value);
            builds.Add((reading.Value, facts));
            samples.Add(
                new OpenedSample(
                    $"{document.Name}, {sheet.Name}{Of(sample.Place)}",
                    id,
                    document.Name,
                    version,
                    size.Value,
                    sheet.Name,
                    sheet.Taste.Poured.Strength?.Value,
                    sheet.Taste.Poured.Sweetness?.Value,
                    flavour / sheet.Fill.TotalMass.Value * 100,
                    sheet.Taste.Colour,
                    document
                )
            );
        }

        return fields.Finish(() => new OpenedTasting(samples, TraySample.Of(setup, builds)));
    }

    private static (BuildDocument Document, BarFacts Facts, long Version)? Find(
        Session session,
        string id,
        string? place,
        BarFacts today
    )
    {
        var stored = session.Builds.Find(id);
        if (place is null or "now")
        {
            return stored is null ? null : (stored.Document, today, stored.SavedVersion);
        }

        if (
            place.Length < 2
            || !long.TryParse(place.AsSpan(1), NumberStyles.None, CultureInfo.InvariantCulture, out var number)
        )
        {
            return null;
        }

        return place[0] switch
        {
            'v' when session.Builds.RevisionAt(id, number) is { } revision => (
                revision.Document,
                today,
                revision.Version
            ),
            's' when session.Standards.Find(id, number) is { } standard => (
                standard.Document,
                BarReader.Read(standard.Bar).Value,
                stored?.SavedVersion ?? 0
            ),
            _ => null,
        };
    }

    private static string Of(string? place) =>
        place switch
        {
            null or "now" => "",
            ['v', .. var number] => $", version {number}",
            ['s', .. var number] => $", standard {number}",
            _ => "",
        };

    private static JsonSerializerOptions Options()
    {
        var options = new JsonSerializerOptions(JsonSerializerDefaults.Web);
        KrasisJson.Configure(options);
        return options;
    }
}
