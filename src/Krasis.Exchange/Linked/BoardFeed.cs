using System.Globalization;
using System.Text;
using System.Xml;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;

namespace Krasis.Exchange.Linked;

/// <summary>The board for a menu screen. The format is described in docs/formats.md.</summary>
/// <param name="House">By what the house is known.</param>
/// <param name="Day">Of which day it is.</param>
/// <param name="Currency">In what its prices are.</param>
/// <param name="Drinks">What is on it, by name.</param>
public sealed record BoardFeed(string House, DateOnly Day, string Currency, IReadOnlyList<FeedDrink> Drinks)
{
    private const string Atom = "http://www.w3.org/2005/Atom";

    /// <summary>When anything on it was changed last; the beginning of its day where nothing is on it.</summary>
    public DateTimeOffset Updated =>
        Drinks.Select(drink => drink.PublishedAt).DefaultIfEmpty(new DateTimeOffset(Day, default, TimeSpan.Zero)).Max();

    /// <summary>As Atom (RFC 4287): an entry a drink.</summary>
    /// <param name="self">Where it is had.</param>
    public string ToAtom(Uri self)
    {
        var text = new Utf8Writer();
        using (var xml = XmlWriter.Create(text, new XmlWriterSettings { Indent = true }))
        {
            xml.WriteStartElement("feed", Atom);
            Element("id", $"urn:uuid:{Guid.ParseExact(House, "N")}");
            Element("title", "On the board");
            Element("updated", Moment(Updated));
            Link("self", self);
            xml.WriteStartElement("author", Atom);
            Element("name", "Krasis");
            xml.WriteEndElement();
            foreach (var drink in Drinks)
            {
                xml.WriteStartElement("entry", Atom);
                Element("id", $"urn:uuid:{drink.Id}");
                Element("title", drink.Name);
                Element("updated", Moment(drink.PublishedAt));
                Link("alternate", new Uri(self, $"/recipes/{drink.Id}"));
                xml.WriteStartElement("content", Atom);
                xml.WriteAttributeString("type", "text");
                xml.WriteString(Says(drink));
                xml.WriteEndElement();
                xml.WriteEndElement();
            }

            xml.WriteEndElement();

            void Element(string name, string value) => xml.WriteElementString(name, Atom, value);

            void Link(string rel, Uri to)
            {
                xml.WriteStartElement("link", Atom);
                xml.WriteAttributeString("rel", rel);
                xml.WriteAttributeString("href", to.AbsoluteUri);
                xml.WriteEndElement();
            }
        }

        return text.ToString();
    }

    private string Says(FeedDrink drink) =>
        string.Join(
            ", ",
            drink.Sizes.Select(size =>
                size.Price is { } price
                    ? string.Create(CultureInfo.InvariantCulture, $"{size.Name} {price:0.00} {Currency}")
                    : size.Name
            )
        ) + $". {AllergenWords.Sentence(drink.Allergens.Says)}";

    private static string Moment(DateTimeOffset at) =>
        at.UtcDateTime.ToString("yyyy-MM-dd'T'HH:mm:ss'Z'", CultureInfo.InvariantCulture);

    // What is written says that it is UTF-8.
    private sealed class Utf8Writer() : StringWriter(CultureInfo.InvariantCulture)
    {
        public override Encoding Encoding => Encoding.UTF8;
    }
}

/// <summary>A drink on the board.</summary>
/// <param name="Id">The build's id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Standard">Which standard of it is poured.</param>
/// <param name="PublishedAt">Since when.</param>
/// <param name="From">The first day of its season, as <c>11-25</c>; null all year.</param>
/// <param name="To">The last.</param>
/// <param name="Tags">Words to find it by.</param>
/// <param name="Sizes">Its sizes, the smallest first.</param>
/// <param name="Allergens">What is told of allergens.</param>
public sealed record FeedDrink(
    string Id,
    string Name,
    long Standard,
    DateTimeOffset PublishedAt,
    string? From,
    string? To,
    IReadOnlyList<string> Tags,
    IReadOnlyList<FeedSize> Sizes,
    FeedAllergens Allergens
)
{
    /// <summary>A drink as it is worked out.</summary>
    public static FeedDrink Of(
        string id,
        long number,
        DateTimeOffset publishedAt,
        Build build,
        BuildDocument document,
        BuildSheet sheet
    ) =>
        new(
            id,
            build.Name,
            number,
            publishedAt,
            build.Season is { } season ? Written(season.From) : null,
            build.Season is { } until ? Written(until.To) : null,
            document.Tags,
            [
                .. sheet
                    .Sizes.OrderBy(size => size.Fill.WorkingVolume.Value)
                    .Select(size => new FeedSize(
                        size.Name,
                        size.Cost.Price?.Value is { } price ? Math.Round(price, 2) : null,
                        size.Inside.Nutrition.EnergyKj?.Value is { } energy ? Math.Round(energy) : null,
                        size.Inside.Nutrition.Energy?.Value is { } kcal ? Math.Round(kcal) : null
                    )),
            ],
            FeedAllergens.Of(sheet)
        );

    private static string Written(MonthDay day) =>
        string.Create(CultureInfo.InvariantCulture, $"{day.Month:00}-{day.Day:00}");
}

/// <summary>A size of a drink on the board.</summary>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Price">What it is sold for; null where that is not said.</param>
/// <param name="EnergyKj">Energy, kJ; null where it is not known.</param>
/// <param name="EnergyKcal">The same, kcal.</param>
public sealed record FeedSize(string Name, double? Price, double? EnergyKj, double? EnergyKcal);

/// <summary>What is told of the allergens in a drink; never that it is free from one.</summary>
/// <param name="Contains">Those that a label says are in it.</param>
/// <param name="MayContain">Those that a label says may be.</param>
/// <param name="NotRead">What of it nobody has read the label of.</param>
public sealed record FeedAllergens(
    IReadOnlyList<string> Contains,
    IReadOnlyList<string> MayContain,
    IReadOnlyList<string> NotRead
)
{
    /// <summary>The same in a sentence.</summary>
    public string Says => AllergenWords.Says(Contains, MayContain, NotRead);

    internal static FeedAllergens Of(BuildSheet sheet)
    {
        var found = sheet.Sizes.SelectMany(size => size.Inside.Allergens.Found).ToList();
        return new FeedAllergens(
            [.. found.Where(one => !one.IsTrace).Select(one => one.Name).Distinct()],
            [.. found.Where(one => one.IsTrace).Select(one => one.Name).Distinct()],
            [.. sheet.Sizes.SelectMany(size => size.Inside.Allergens.Unknown).Distinct()]
        );
    }
}
