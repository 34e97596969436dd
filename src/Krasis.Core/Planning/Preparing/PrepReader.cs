using System.Globalization;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Quantities;

namespace Krasis.Core.Planning.Preparing;

/// <summary>Reads how the house prepares.</summary>
public static class PrepReader
{
    private const int Most = 200;
    private const int Week = 7;

    /// <summary>Reads it. Whether the bar has what is made and bought is not looked at: what it has no longer is left
    /// alone.</summary>
    public static Reading<PrepFacts> Read(PrepDocument document)
    {
        var fields = new FieldReader();
        var lasts = fields.Number("lastsPercent", document.LastsPercent ?? 90, 50, 99.9, "%");
        var days = fields.Whole("days", document.Days ?? 7, 1, 28, "days");
        var hours = fields.Each("hours", document.Hours, Week, ReadHours);
        if (hours.Count is not (0 or Week))
        {
            fields.Report(
                "hours",
                $"{hours.Count}",
                $"There are hours for {hours.Count} days of the week.",
                "seven entries, Monday first"
            );
        }

        var kinds = fields.Each("kinds", document.Kinds, Most, (kind, at, _) =>
            new DayKind(
                fields.Id($"{at}.id", kind.Id),
                fields.Name($"{at}.name", kind.Name),
                fields.Number($"{at}.percent", kind.Percent, 1, 1000, "%") / 100
            )
        );
        var equipment = fields.Each("equipment", document.Equipment, Most, (each, at, _) =>
            new Equipment(
                fields.Id($"{at}.id", each.Id),
                fields.Name($"{at}.name", each.Name),
                fields.Whole($"{at}.count", each.Count, 1, 100, "")
            )
        );
        Twins("kinds", kinds, kind => kind.Id, fields);
        Twins("equipment", equipment, each => each.Id, fields);
        var fridge = fields.Optional("fridgeLitres", document.FridgeLitres, 0.1, 10_000, "l");
        var known = equipment.Select(each => each.Id).ToHashSet(StringComparer.Ordinal);
        var makings = fields.Each("makings", document.Makings, Most, (making, at, _) =>
            ReadMaking(making, at, known, fields)
        );
        Twins("makings", makings, making => making.Ingredient, fields);
        var buying = fields.Each("buying", document.Buying, Most, (rule, at, _) => ReadBuying(rule, at, fields));
        Twins("buying", buying, rule => rule.Item.ToString(), fields);
        return fields.Finish(() =>
            new PrepFacts(
                lasts / 100,
                days,
                hours.Count == Week
                    ? hours
                    : [.. Enumerable.Repeat(new DayHours(8 * 60, 18 * 60, 7 * 60, 18 * 60, 1), Week)],
                kinds,
                equipment,
                fridge,
                makings.ToDictionary(making => making.Ingredient),
                buying.ToDictionary(rule => rule.Item, rule => rule.Rule)
            )
        );
    }

    /// <summary>Reads a time of the day such as 07:30, as minutes from midnight; null where there is none or it is no
    /// time.</summary>
    /// <remarks>24:00 is the end of the day.</remarks>
    public static int? Time(string field, string? value, FieldReader fields)
    {
        if (string.IsNullOrWhiteSpace(value))
        {
            return null;
        }

        if (
            value.Trim().Split(':') is [var hours, var minutes]
            && hours.Length is 1 or 2
            && minutes.Length == 2
            && int.TryParse(hours, NumberStyles.None, CultureInfo.InvariantCulture, out var hour)
            && int.TryParse(minutes, NumberStyles.None, CultureInfo.InvariantCulture, out var minute)
            && minute < 60
            && (hour < 24 || (hour == 24 && minute == 0))
        )
        {
            return (hour * 60) + minute;
        }

        fields.Report(
            field,
            value,
            $"'{Problem.Shorten(value)}' is not a time of the day.",
            "a time from 00:00 to 24:00, such as 07:30"
        );
        return null;
    }

    private static DayHours ReadHours(HoursDocument hours, string at, FieldReader fields)
    {
        var (opens, closes) = Span(hours.Opens, hours.Closes, $"{at}.opens", $"{at}.closes");
        var (from, to) = Span(hours.WorkFrom, hours.WorkTo, $"{at}.workFrom", $"{at}.workTo");
        return new DayHours(opens, closes, from, to, fields.Whole($"{at}.people", hours.People ?? 1, 1, 50, "people"));

        (int? From, int? To) Span(string? first, string? last, string firstField, string lastField)
        {
            var (begins, ends) = (Time(firstField, first, fields), Time(lastField, last, fields));
            if (begins is null != ends is null && string.IsNullOrWhiteSpace(begins is null ? first : last))
            {
                fields.Report(
                    begins is null ? firstField : lastField,
                    null,
                    "One of the two times is missing.",
                    "both, or neither"
                );
            }
            else if (begins >= ends)
            {
                fields.Report(lastField, last, $"{last} is not after {first}.", "a later time of the same day");
            }

            return (begins, ends);
        }
    }

    private static MakingRule ReadMaking(
        MakingDocument making,
        string at,
        HashSet<string> equipment,
        FieldReader fields
    )
    {
        var id = fields.Id($"{at}.ingredient", making.Ingredient);
        var batch = fields.Number($"{at}.batchGrams", making.BatchGrams, 1, 1_000_000, "g");
        var least = fields.Optional($"{at}.leastGrams", making.LeastGrams, 1, 1_000_000, "g") ?? Math.Min(1, batch);
        if (least > batch)
        {
            fields.Report(
                $"{at}.leastGrams",
                $"{least:0.##}",
                "The least that is sensible is more than a batch.",
                $"at most {Say.Fine(batch)} g"
            );
        }

        var work = fields.Whole($"{at}.workMinutes", making.WorkMinutes ?? 0, 0, PlanDayMinutes, "min");
        var wait = fields.Whole($"{at}.waitMinutes", making.WaitMinutes ?? 0, 0, 7 * PlanDayMinutes, "min");
        var waits = fields.OptionalWord<Waiting>($"{at}.wait", making.Wait) ?? (wait > 0 ? Waiting.Rest : null);
        var keeps = making.KeepsDays is null
            ? default(int?)
            : fields.Whole($"{at}.keepsDays", making.KeepsDays, 1, 1000, "days");
        if (DateMarking.Days(keeps, making.IsChilled == true) is { } lasts && wait > lasts * PlanDayMinutes)
        {
            fields.Report(
                $"{at}.waitMinutes",
                $"{wait}",
                $"It stands longer than the {lasts} {(lasts == 1 ? "day" : "days")} that it keeps: it would be over before it is ready.",
                $"at most {lasts * PlanDayMinutes} min, or more days that it keeps"
            );
        }

        foreach (
            var (used, field) in making
                .WorkOn.Select((used, i) => ((string?)used, $"{at}.workOn[{i}]"))
                .Append((making.WaitOn, $"{at}.waitOn"))
        )
        {
            if (used is not null && !equipment.Contains(used))
            {
                fields.Report(
                    field,
                    used,
                    $"There is no equipment '{Problem.Shorten(used)}'.",
                    equipment.Count == 0 ? "equipment that is entered first" : string.Join(", ", equipment.Order())
                );
            }
        }

        return new MakingRule(
            id,
            batch,
            least,
            work,
            wait,
            waits,
            [.. making.WorkOn.OfType<string>().Distinct()],
            making.WaitOn,
            keeps,
            making.IsCooked == true,
            making.IsChilled,
            fields.Note($"{at}.who", making.Who, 80)
        );
    }

    private static (Item Item, BuyingRule Rule) ReadBuying(BuyingDocument rule, string at, FieldReader fields)
    {
        if (Item.Find(rule.Item) is not { } item)
        {
            fields.Report(
                $"{at}.item",
                rule.Item,
                "It is not said what is bought.",
                "an ingredient, a ground coffee or a cup, such as ingredient:farm-milk"
            );
            item = Item.Ingredient($"{at}");
        }

        return (
            item,
            new BuyingRule(
                fields.Number($"{at}.parPacks", rule.ParPacks ?? 0, 0, 10_000, "packs"),
                fields.Whole($"{at}.leadDays", rule.LeadDays ?? 1, 0, 60, "days"),
                rule.PackPieces is null ? null : fields.Whole($"{at}.packPieces", rule.PackPieces, 1, 100_000, "cups")
            )
        );
    }

    private const int PlanDayMinutes = 24 * 60;

    private static void Twins<T>(string field, IReadOnlyList<T> all, Func<T, string> key, FieldReader fields)
    {
        for (var i = 0; i < all.Count; i++)
        {
            if (all.Take(i).Any(other => key(other) == key(all[i])))
            {
                fields.Report($"{field}[{i}]", key(all[i]), "It stands there twice.", "each once");
            }
        }
    }
}
