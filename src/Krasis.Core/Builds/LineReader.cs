using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Builds;

/// <summary>Reads the lines of builds.</summary>
internal static class LineReader
{
    /// <summary>Reads one line.</summary>
    /// <param name="line">The document.</param>
    /// <param name="build">The build that it is in, for its sizes.</param>
    /// <param name="bar">The bar that is to pour it.</param>
    /// <param name="path">Where it stands, for the problems' fields.</param>
    public static Reading<BuildLine> Read(LineDocument line, BuildDocument build, BarFacts bar, string path)
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", line.Id);
        var ingredient = ReadIngredient(line, bar, fields);
        var measure = ReadMeasure(line, ingredient, bar, fields);

        // An unknown measure is reported once. The amounts are still read, within the widest limits.
        var unit = measure ?? Measure.Millilitre;
        var said = new Quantity(fields.Number("amount", line.Amount, 0, unit.Most, unit.Plural), unit);
        var pins = ReadPins(line.Pins, "pins", build, unit, fields);
        var technique = fields.OptionalWord<Technique>("technique", line.Technique) ?? Techniques.WhereNoneIsSaid;
        var to = ReadMark(line.To, "to", fields);
        var recipe = ReadRecipe(line, ingredient, bar, fields);
        var cooling = fields.OptionalWord<CoolingWay>("cooling", line.Cooling) ?? CoolingWays.WhereNoneIsSaid;
        var cooled = fields.Optional("cooledCelsius", line.CooledCelsius, 0, 60, "°C");
        var steamed = fields.Optional("steamedCelsius", line.SteamedCelsius, 30, FoamLevels.Scalds.Value, "°C");
        var cap = fields.Optional("foamCapMm", line.FoamCapMm, 0, 80, "mm");
        var foam = ReadFoam(line, bar, fields);

        var rule = ReadRule(line.Scale, ingredient, build, unit, bar, fields);
        var set =
            rule?.By == ScaleBy.House
            && line.Scale!.Own != true
            && rule.Ladder.TryGetValue(new CupId(build.ReferenceSize ?? ""), out var strokes)
                ? said.With(strokes)
                : said;
        var stated = ReadStated(line.Stated, "stated", ingredient, bar, fields);
        var pinnedStated = ReadPinnedStated(line, ingredient, bar, fields);

        var note = fields.Note("note", line.Note, 1000);
        return fields.Finish(() =>
            new BuildLine(new LineId(id), ingredient!.Id, set, pins)
            {
                Technique = technique,
                To = to,
                PinnedMarks = line
                    .Pins.Where(pin => pin?.To is not null)
                    .ToDictionary(pin => new CupId(pin.Size!), pin => SpokenAmountText.ReadMark(pin.To).Value),
                Recipe = recipe,
                Cooling = cooling,
                CooledTo = cooled is { } celsius ? Celsius.From(celsius) : null,
                SteamedTo = steamed is { } hot ? Celsius.From(hot) : null,
                FoamCap = cap is { } mm ? Millimetres.From(mm) : null,
                Foam = foam,
                Rule = rule,
                Note = note,
                Stated = stated,
                PinnedStated = pinnedStated,
            }
        );
    }

    private static Ingredient? ReadIngredient(LineDocument line, BarFacts bar, FieldReader fields)
    {
        var ingredient = bar.Find(new IngredientId(line.Ingredient ?? ""));
        if (ingredient is null)
        {
            fields.Report(
                "ingredient",
                line.Ingredient,
                line.Ingredient is null
                    ? "No ingredient is chosen."
                    : $"The bar has no ingredient '{Problem.Shorten(line.Ingredient)}'.",
                "an ingredient of the bar"
            );
        }

        return ingredient;
    }

    private static Measure? ReadMeasure(LineDocument line, Ingredient? ingredient, BarFacts bar, FieldReader fields)
    {
        var measure = Measure.Find(line.Measure);
        if (measure is null)
        {
            fields.Report(
                "measure",
                line.Measure,
                line.Measure is null ? "No measure is chosen." : $"'{Problem.Shorten(line.Measure)}' is not a measure.",
                string.Join(", ", Measure.All.Select(known => known.Code))
            );
        }
        else if (ingredient is not null && Dosing.Refusal(ingredient, measure, bar) is { } refusal)
        {
            fields.Report(
                "measure",
                measure.Code,
                refusal,
                string.Join(", ", Dosing.MeasuresFor(ingredient, bar).Select(possible => possible.Code))
            );
        }

        return measure;
    }

    private static FoamId? ReadFoam(LineDocument line, BarFacts bar, FieldReader fields)
    {
        var foam = line.Foam is null ? default(FoamId?) : new FoamId(line.Foam);
        if (foam is { } level && bar.Find(level) is null)
        {
            fields.Report(
                "foam",
                line.Foam,
                $"The bar has no foam level '{Problem.Shorten(line.Foam!)}'.",
                "a foam level of the bar"
            );
        }

        return foam;
    }

    private static Dictionary<CupId, Quantity> ReadPinnedStated(
        LineDocument line,
        Ingredient? ingredient,
        BarFacts bar,
        FieldReader fields
    )
    {
        var pinnedStated = new Dictionary<CupId, Quantity>();
        for (var i = 0; i < line.Pins.Count; i++)
        {
            if (
                line.Pins[i] is { Size: { } size } pin
                && ReadStated(pin.Stated, $"pins[{i}].stated", ingredient, bar, fields) is { } again
            )
            {
                pinnedStated[new CupId(size)] = again;
            }
        }

        return pinnedStated;
    }

    private static Mark? ReadMark(string? text, string field, FieldReader fields)
    {
        if (text is null)
        {
            return null;
        }

        var mark = SpokenAmountText.ReadMark(text);
        fields.Take(mark.Problems.Select(problem => problem with { Field = fields.Path(field) }));
        return mark.IsRead ? mark.Value : null;
    }

    private static string? ReadRecipe(LineDocument line, Ingredient? ingredient, BarFacts bar, FieldReader fields)
    {
        if (line.Recipe is null || ingredient is null)
        {
            return null;
        }

        // At another station the recipe may be missing; there the coffee is pulled as it is there.
        var known = bar.RecipesOf(ingredient.Id);
        if (!bar.HasRecipe(line.Recipe, ingredient.Id))
        {
            fields.Report(
                "recipe",
                line.Recipe,
                $"The bar has no recipe '{Problem.Shorten(line.Recipe)}' for {ingredient.Name}.",
                known.Count == 0
                    ? "none: no espresso recipe makes it"
                    : string.Join(", ", known.Select(recipe => recipe.Id))
            );
        }

        return line.Recipe;
    }

    private static LineRule? ReadRule(
        ScaleDocument? scale,
        Ingredient? ingredient,
        BuildDocument build,
        Measure measure,
        BarFacts bar,
        FieldReader fields
    )
    {
        if (scale is null)
        {
            return null;
        }

        var by = fields.Word("scale.by", scale.By, ScaleBy.Cup);
        if (by == ScaleBy.Share)
        {
            return new LineRule(by) { Of = new LineId(fields.Id("scale.of", scale.Of)) };
        }

        if (by == ScaleBy.House)
        {
            if (ingredient is not null && !FlavourStandard.Covers(ingredient, measure))
            {
                fields.Report(
                    "scale.by",
                    scale.By,
                    $"{ingredient.Name} cannot go by the house's flavour standard: that is for syrups, sauces and powders said in strokes.",
                    "another rule, or strokes as its measure"
                );
            }

            return new LineRule(by)
            {
                Ladder = build
                    .Sizes.Select(size => new CupId(size))
                    .Distinct()
                    .Select(size =>
                        (size, strokes: ingredient is null ? null : bar.House.Flavours.StrokesOf(ingredient, size))
                    )
                    .Where(entry => entry.strokes is not null)
                    .ToDictionary(entry => entry.size, entry => entry.strokes!.Value),
            };
        }

        var ladder = ReadPins(scale.Ladder, "scale.ladder", build, measure, fields);
        return new LineRule(by) { Ladder = ladder.ToDictionary(step => step.Key, step => step.Value.Amount) };
    }

    private static Quantity? ReadStated(
        string? text,
        string field,
        Ingredient? ingredient,
        BarFacts bar,
        FieldReader fields
    )
    {
        if (string.IsNullOrWhiteSpace(text))
        {
            return null;
        }

        var reading = QuantityText.Read(
            text,
            Measure.Millilitre,
            ingredient is null ? null : Dosing.MeasuresFor(ingredient, bar)
        );
        if (!reading.IsRead)
        {
            fields.Take(reading.Problems.Select(problem => problem with { Field = fields.Path(field) }));
            return null;
        }

        if (ingredient is not null && Dosing.Refusal(ingredient, reading.Value.Measure, bar) is { } refusal)
        {
            fields.Report(
                field,
                text,
                refusal,
                string.Join(", ", Dosing.MeasuresFor(ingredient, bar).Select(possible => possible.Symbol))
            );
            return null;
        }

        return reading.Value;
    }

    private static Dictionary<CupId, Quantity> ReadPins(
        IReadOnlyList<PinDocument> given,
        string field,
        BuildDocument build,
        Measure measure,
        FieldReader fields
    )
    {
        var pins = new Dictionary<CupId, Quantity>();
        for (var i = 0; i < given.Count; i++)
        {
            // A list in a request may hold nulls, whatever its type says.
            var pin = given[i] ?? new PinDocument();
            var size = pin.Size ?? "";
            _ = ReadMark(pin.To, $"{field}[{i}].to", fields);
            var amount =
                pin.To is not null && pin.Amount is null
                    ? 0
                    : fields.Number($"{field}[{i}].amount", pin.Amount, 0, measure.Most, measure.Plural);
            if (size == build.ReferenceSize)
            {
                fields.Report(
                    $"{field}[{i}].size",
                    size,
                    "The reference size is set, not pinned.",
                    "another of the build's sizes"
                );
            }
            else if (!build.Sizes.Contains(size))
            {
                fields.Report($"{field}[{i}].size", size, "The build has no such size.", "one of the build's sizes");
            }
            else if (!pins.TryAdd(new CupId(size), new Quantity(amount, measure)))
            {
                fields.Report($"{field}[{i}].size", size, "The size is pinned twice.", "one pin a size");
            }
        }

        return pins;
    }
}
