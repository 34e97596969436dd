using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Editing;

/// <summary>Says a line in another measure, or of another ingredient; what is poured of it stays as much.</summary>
internal static class LineEdits
{
    /// <summary>Says a line in another measure: amount, pins and rungs are the same millilitres or grams as
    /// before.</summary>
    /// <returns>The build, or a problem under <c>measure</c> where the bar cannot say it so.</returns>
    public static Reading<Edited> Measure(
        BuildDocument build,
        LineDocument line,
        Ingredient ingredient,
        Measure to,
        BarFacts bar
    )
    {
        line = HouseStrokes.SpellOut(line, build, bar);
        var before = Quantities.Measure.Find(line.Measure);
        if (before is null)
        {
            return Problem.At(
                "measure",
                line.Measure,
                "The line's own measure is not known.",
                "a line that can be read"
            );
        }

        var one = Dosing.Convert(new Quantity(1, before), to, ingredient, bar.Pulling(line.Recipe), "measure");
        return !one.IsRead
            ? Reading<Edited>.Failed(one.Problems)
            : Put(build, line, line with { Measure = to.Code }, one.Value.Amount, amount => Math.Round(amount, 9), to);
    }

    /// <summary>Puts another ingredient into a line: as many millilitres of it, or as many grams of what is weighed, to
    /// the nearest that the bar pours. What belonged to the ingredient before goes.</summary>
    public static Reading<Edited> Ingredient(
        BuildDocument build,
        LineDocument line,
        Ingredient? old,
        Ingredient to,
        BarFacts bar
    )
    {
        line = HouseStrokes.SpellOut(line, build, bar);
        var before = Quantities.Measure.Find(line.Measure);
        var put = With(line, old, to, bar);
        if (old is null || before is null || Dosing.Refusal(old, before, bar.Pulling(line.Recipe)) is not null)
        {
            // Nothing is known of how much it was.
            var measure = Dosing.MeasuresFor(to, bar)[0];
            put = put with { Measure = measure.Code, Amount = 0, Pins = [], Scale = WithoutRungs(line.Scale) };
            return Reading<Edited>.Of(Edited.Quietly(BuildEdits.Replace(build, put)));
        }

        var like = Likeness.Between(line, old, before, put, to, bar);
        var isSame = Math.Abs(like.Factor - 1) < 1e-9;
        var step = BarRounding.StepOf(like.Now, to, like.PullsNow);
        var made = Put(
            build,
            line,
            put with
            {
                Measure = like.Now.Code,
            },
            like.Factor,
            amount => isSame || amount == 0 ? amount : Math.Max(step, BarRounding.Round(amount, step)),
            like.Now
        );
        if (!made.IsRead)
        {
            return made;
        }

        List<string> told = [];
        if (line.Amount > 0 && (!isSame || like.Now != before))
        {
            var now = made.Value.Build.Lines.First(each => each.Id == line.Id).Amount ?? 0;
            told.Add(like.Say(line.Amount.Value, old, now, to));
        }

        if (line.Stated is { } again)
        {
            told.Add($"'{again}' was said of {old.Name}, and is taken out.");
        }

        return Reading<Edited>.Of(made.Value with { Said = told });
    }

    // The line with the other ingredient in it, without what belonged to the one before.
    private static LineDocument With(LineDocument line, Ingredient? old, Ingredient to, BarFacts bar)
    {
        var put = line with
        {
            Ingredient = to.Id.Value,
            Stated = null,
            Pins = [.. line.Pins.Select(pin => pin with { Stated = null })],
            Recipe = line.Recipe is { } recipe && bar.HasRecipe(recipe, to.Id) ? recipe : null,
        };
        return old is null || (old.Kind == IngredientKind.Milk) == (to.Kind == IngredientKind.Milk)
            ? put
            : put with
            {
                Technique = null,
                Foam = null,
                FoamCapMm = null,
                Cooling = null,
                CooledCelsius = null,
                SteamedCelsius = null,
            };
    }

    /// <summary>Takes a line out. Who followed it follows the build again, and that is told.</summary>
    public static Edited Remove(BuildDocument build, LineDocument line, BarFacts bar)
    {
        var followers = build.Lines.Where(other => other.Id != line.Id && other.Scale?.Of == line.Id).ToList();
        return new Edited(
            build with
            {
                Lines =
                [
                    .. build
                        .Lines.Where(other => other.Id != line.Id)
                        .Select(other => followers.Contains(other) ? other with { Scale = null } : other),
                ],
                Waivers = [.. build.Waivers.Where(waiver => waiver.Line != line.Id)],
            },
            [
                .. followers.Select(other =>
                    $"{NameOf(other)} was a share of {NameOf(line)}; it follows the build's school now."
                ),
            ],
            []
        );

        string NameOf(LineDocument of) => bar.Find(new IngredientId(of.Ingredient ?? ""))?.Name ?? "A line";
    }

    // Amount, pins and rungs times a factor. What is more than the measure takes is refused, and nothing is half done.
    private static Reading<Edited> Put(
        BuildDocument build,
        LineDocument line,
        LineDocument put,
        double factor,
        Func<double, double> pour,
        Measure to
    )
    {
        var most = new[] { line.Amount }
            .Concat(line.Pins.Select(pin => pin.Amount))
            .Concat(line.Scale?.Ladder.Select(rung => rung.Amount) ?? [])
            .Max()
            ?? 0;
        if (most * factor > to.Most)
        {
            return Problem.At(
                "measure",
                to.Code,
                $"That would be {Say.Short(most * factor)} {to.Plural}.",
                $"a measure in which it is at most {Say.Short(to.Most)}"
            );
        }

        return Reading<Edited>.Of(
            Edited.Quietly(
                BuildEdits.Replace(
                    build,
                    put with
                    {
                        Amount = Times(line.Amount),
                        Pins = [.. put.Pins.Select(pin => pin with { Amount = Times(pin.Amount) })],
                        Scale = line.Scale is null
                            ? null
                            : line.Scale with
                            {
                                Ladder =
                                [
                                    .. line.Scale.Ladder.Select(rung => rung with { Amount = Times(rung.Amount) }),
                                ],
                            },
                    }
                )
            )
        );

        double? Times(double? amount) => amount is { } known ? pour(known * factor) : null;
    }

    private static ScaleDocument? WithoutRungs(ScaleDocument? scale) =>
        scale is null ? null : scale with { Ladder = [] };
}
