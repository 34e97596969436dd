using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Checks.Taste;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Starting;

/// <summary>Proposes a build to begin from: in the right pour order, from the house's own parts and rules, ready to
/// taste.</summary>
public static class Skeleton
{
    // A beginning without a source, to be tasted: 4 g of a powder that is whisked go to 300 ml.
    private const double WhiskedPerMl = 4.0 / 300;

    // Beginnings without a source, to be tasted: three quarters of what the ice leaves of a brewed coffee is coffee, 12
    // g of powder and 2 strokes, or 7.5 ml for each, go to 300 ml; a strong brew stands in for espresso at 30 ml a
    // shot.
    private const double BrewShare = 0.75;
    private const double PowderPerMl = 12.0 / 300;
    private const double StrokesPerMl = 2.0 / 300;
    private const double MlPerStroke = 7.5;
    private const double StrongPerShot = 30;

    // The dose goes by the milk, and the milk fills what the dose leaves: they agree after a few rounds.
    private const int Rounds = 4;

    /// <summary>The bases, and which of them the bar can make of what.</summary>
    public static IReadOnlyList<BaseChoice> Choices(BarFacts bar) =>
        [
            .. Enum.GetValues<DrinkBase>()
                .Select(made => (Base: made, Of: DrinkBases.Of(made, bar)))
                .Select(one => new BaseChoice(
                    one.Base,
                    DrinkBases.NameOf(one.Base),
                    [.. one.Of.Select(of => new BaseKind(of.Id.Value, of.Name, NotServed(one.Base, of, bar)))],
                    one.Of.Count == 0 ? $"The bar has no {DrinkBases.Lacks(one.Base)}." : null
                )),
        ];

    private static IReadOnlyList<NotServed> NotServed(DrinkBase made, Ingredient of, BarFacts bar) =>
        [
            .. Enum.GetValues<Serve>()
                .Select(serve => (Serve: serve, Why: DrinkBases.NotServed(made, of, serve, bar)))
                .Where(one => one.Why is not null)
                .Select(one => new NotServed(one.Serve, one.Why!)),
        ];

    /// <summary>What the bar can flavour a build with, what stands in a dispenser first.</summary>
    public static IReadOnlyList<NamedChoice> Flavours(BarFacts bar) =>
        [.. AllFlavours(bar).Select(flavour => new NamedChoice(flavour.Id.Value, flavour.Name))];

    /// <summary>Proposes a build.</summary>
    /// <param name="made">The base.</param>
    /// <param name="serve">How it is served.</param>
    /// <param name="sizes">The cups; the middle one of them becomes the reference.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="of">Of which of the bar's it is made, where there are several; the first when it is
    /// missing.</param>
    /// <param name="flavour">Its flavour; null for the house's first with espresso and brewed coffee and none with
    /// chocolate, powder and tea; empty for none.</param>
    /// <param name="sold">The sheets of what the house sells: its reference is proposed near to the strength of those
    /// that are made on the same and served alike. Null for none.</param>
    /// <returns>The build, without a name, and what there is to know of it; or what the bar lacks.</returns>
    public static Reading<Proposal> Propose(
        DrinkBase made,
        Serve serve,
        IReadOnlyList<CupId> sizes,
        BarFacts bar,
        string? of = null,
        string? flavour = null,
        IReadOnlyList<BuildSheet>? sold = null
    )
    {
        var fields = new FieldReader();
        var cups = sizes.Select(bar.Find).OfType<Cup>().ToList();
        if (cups.Count == 0)
        {
            fields.Report("sizes", null, "No cup is chosen.", "at least one cup of the bar");
        }

        var found = BaseOf(made, serve, of, bar, fields);
        var taste = FlavourOf(made, flavour, bar, fields);
        var isCold = serve != Serve.Hot;
        if (isCold && !bar.Ingredients.Any(ingredient => ingredient.IsIce))
        {
            fields.Report("serve", Choice.Word(serve), "The bar has no ice.", "hot");
        }

        if (fields.Problems.Count > 0)
        {
            return Reading<Proposal>.Failed(fields.Problems);
        }

        var reference = cups[(cups.Count - 1) / 2];
        var reserve = Math.Min(bar.House.Reserve.Value, cups.Min(cup => cup.Shape.Height.Value) / 2);
        var room = reference.WorkingVolume(Millimetres.From(reserve)).Value;
        var build = new BuildDocument
        {
            ReserveMm = reserve,
            Sizes = [.. cups.Select(cup => cup.Id.Value)],
            ReferenceSize = reference.Id.Value,
            School = School.All[0].Code,
            Serve = Choice.Word(isCold ? Serve.Iced : Serve.Hot),
            Lines = [.. Lines(made, found!, taste, isCold, room, cups, bar)],
        };
        build = Dosed(Fitting.Fill(build, bar), bar);
        if (serve is not (Serve.Hot or Serve.Iced))
        {
            var served = Served(build, serve, bar);
            if (!served.IsRead)
            {
                return Reading<Proposal>.Failed(served.Problems);
            }

            build = served.Value;
        }

        build = made == DrinkBase.Tea ? Thinning.Keep(build, found!, bar) : build;
        var others = HouseStrength.Of(sold ?? [], found!.Id, serve);
        return Reading<Proposal>.Of(
            Proposal.Of(ProposedSizes.Settle(build, bar, others?.Percent), found.Id, others, bar)
        );
    }

    private static Ingredient? BaseOf(DrinkBase made, Serve serve, string? of, BarFacts bar, FieldReader fields)
    {
        var bases = DrinkBases.Of(made, bar);
        var found = of is null
            ? (bases.Count > 0 ? bases[0] : null)
            : bases.FirstOrDefault(known => known.Id.Value == of);
        if (bases.Count == 0)
        {
            fields.Report(
                "base",
                Choice.Word(made),
                $"The bar has no {DrinkBases.Lacks(made)}.",
                string.Join(
                    ", ",
                    Choices(bar).Where(choice => choice.Missing is null).Select(choice => Choice.Word(choice.Base))
                )
            );
        }
        else if (found is null)
        {
            fields.Report("of", of, "It cannot be made of that.", string.Join(", ", bases.Select(known => known.Name)));
        }
        else if (DrinkBases.NotServed(made, found, serve, bar) is { } why)
        {
            fields.Report("serve", Choice.Word(serve), why, "another way of serving");
        }

        return found;
    }

    private static Ingredient? FlavourOf(DrinkBase made, string? flavour, BarFacts bar, FieldReader fields)
    {
        var flavours = AllFlavours(bar);
        var taste = flavour is null
            ? (
                made is DrinkBase.Chocolate or DrinkBase.Powder or DrinkBase.Tea
                    ? null
                    : flavours.FirstOrDefault(known => known.Kind == IngredientKind.Syrup)
            )
            : flavours.FirstOrDefault(known => known.Id.Value == flavour);
        if (flavour is { Length: > 0 } && taste is null)
        {
            fields.Report(
                "flavour",
                flavour,
                "The bar has no such flavour.",
                string.Join(", ", flavours.Select(known => known.Name))
            );
        }

        return taste;
    }

    // Sauces and what has a usual dose go by the milk and the ice, shared where there are two; the milk then fills what
    // that leaves.
    private static BuildDocument Dosed(BuildDocument build, BarFacts bar)
    {
        for (var round = 0; round < Rounds; round++)
        {
            var sheet = Mixer
                .Mix(BuildReader.Read(build, bar, nameless: true).Value, bar)
                .Sizes.First(size => size.IsReference);
            var milk = sheet
                .Lines.Where(line => bar.Find(line.Ingredient)!.MilkShare > 0)
                .Sum(line => line.Volume.Value * bar.Find(line.Ingredient)!.MilkShare);
            var ice = sheet.Lines.Where(line => bar.Find(line.Ingredient)!.IsIce).Sum(line => line.Volume.Value);
            var byHouse = build.Lines.Where(HouseStrokes.Follows).Select(line => line.Id).ToHashSet();
            var dosed = sheet
                .Lines.Where(line =>
                    Usual(bar.Find(line.Ingredient)!) is not null && !byHouse.Contains(line.Line.Value)
                )
                .ToList();
            if (milk <= 0 || dosed.Count == 0)
            {
                return build;
            }

            foreach (var line in dosed)
            {
                var ingredient = bar.Find(line.Ingredient)!;
                var wanted = new Quantity(
                    Usual(ingredient)!.Value * (milk + ice) / 100 / dosed.Count,
                    Measure.Millilitre
                );
                var said = Dosing.Convert(wanted, Measure.Find(line.Measure)!, ingredient, bar, "flavour").Value.Amount;
                var amount = Math.Max(line.Step, BarRounding.Round(said, line.Step));
                build = build with
                {
                    Lines =
                    [
                        .. build.Lines.Select(one => one.Id == line.Line.Value ? one with { Amount = amount } : one),
                    ],
                };
            }

            build = Fitting.Fill(build, bar);
        }

        return build;
    }

    private static double? Usual(Ingredient ingredient) =>
        ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce
            ? ingredient.UsualMlPer100Ml ?? (ingredient.Kind == IngredientKind.Sauce ? Dose.UsualSauce : null)
            : null;

    private static Reading<BuildDocument> Served(BuildDocument build, Serve serve, BarFacts bar)
    {
        var served = Transformer.ServeAs(build with { Name = "New" }, serve, bar, []);
        return served.IsRead
            ? Reading<BuildDocument>.Of(Dosed(Fitting.Fill(served.Value.Build with { Name = null }, bar), bar))
            : Reading<BuildDocument>.Failed(served.Problems);
    }

    private static IEnumerable<LineDocument> Lines(
        DrinkBase made,
        Ingredient found,
        Ingredient? flavour,
        bool isCold,
        double room,
        IReadOnlyList<Cup> cups,
        BarFacts bar
    )
    {
        var ice = isCold ? room * Serving.IceShare : 0;
        var liquid = room - ice;
        var brewed = made switch
        {
            DrinkBase.Batch or DrinkBase.ColdBrew => BrewShare,
            DrinkBase.Tea => Thinning.ShareOf(found),
            _ => 0,
        };

        // Flavour into the cup first, so that the hot coffee melts it.
        if (made == DrinkBase.Chocolate)
        {
            var dose = DoseOf(room * StrokesPerMl, found, bar);
            yield return Line("base", found, dose, bar, isCold ? "dissolve" : "pour");
        }

        if (flavour is not null && flavour != found)
        {
            yield return FlavourLine(flavour, room, isCold, cups, bar);
        }

        if (made == DrinkBase.Powder)
        {
            yield return found.IsWhisked
                ? Line("base", found, room * WhiskedPerMl, bar, "whisk", Measure.Gram)
                : Line("base", found, room * PowderPerMl, bar, "dissolve", Measure.Gram);
        }
        else if (brewed > 0)
        {
            var id = made == DrinkBase.Tea ? "tea" : "coffee";
            yield return Line(id, found, liquid * brewed, bar, "pour", Measure.Millilitre);
        }
        else if (made == DrinkBase.Strong)
        {
            var strong = ShotsFor(room) * StrongPerShot;
            yield return Line("coffee", found, strong, bar, isCold ? "cool" : "pour", Measure.Millilitre);
        }
        else if (
            (made == DrinkBase.Chocolate ? DrinkBases.Of(DrinkBase.Espresso, bar).FirstOrDefault() : found) is
            { } espresso
        )
        {
            var technique =
                isCold ? "cool"
                : made == DrinkBase.Chocolate ? "stir"
                : "pour";
            yield return Line("coffee", espresso, ShotsFor(room), bar, technique, Measure.Shot) with
            {
                Recipe = RecipeFor(espresso, bar),
            };
        }

        if (MilkOf(bar) is { } milk)
        {
            var isSweet = flavour is not null || made == DrinkBase.Chocolate;
            yield return MilkLine(milk, liquid * (brewed > 0 ? 1 - brewed : 0.6), isCold, isSweet, bar);
        }

        if (isCold && bar.Ingredients.FirstOrDefault(ingredient => ingredient.IsIce) is { } cubes)
        {
            yield return Line("ice", cubes, ice, bar, "pour", Measure.Gram);
        }
    }

    private static LineDocument FlavourLine(
        Ingredient flavour,
        double room,
        bool isCold,
        IReadOnlyList<Cup> cups,
        BarFacts bar
    )
    {
        var technique = isCold && flavour.Kind == IngredientKind.Sauce ? "dissolve" : "pour";
        var line = Line("flavour", flavour, DoseOf(room * StrokesPerMl, flavour, bar), bar, technique);
        return
            cups.All(cup => bar.House.Flavours.StrokesOf(flavour, cup.Id) is not null)
            && FlavourStandard.Covers(flavour, Measure.Find(line.Measure)!)
            ? HouseStrokes.Follow(line)
            : line;
    }

    // The house's own milk, or else its least sweetened.
    private static Ingredient? MilkOf(BarFacts bar) =>
        bar
            .Ingredients.Where(ingredient =>
                ingredient.Kind == IngredientKind.Milk && (!ingredient.IsPart || ingredient.Id == bar.House.Milk)
            )
            .OrderByDescending(ingredient => ingredient.Id == bar.House.Milk)
            .ThenBy(IsSweetened)
            .FirstOrDefault();

    private static LineDocument MilkLine(Ingredient milk, double ml, bool isCold, bool isSweet, BarFacts bar)
    {
        var level = isCold ? null : FoamLevels.Right(milk, bar);
        var technique =
            level is not null ? "steam"
            : isCold && isSweet ? "stir"
            : "pour";
        return Line("milk", milk, ml, bar, technique, Measure.Millilitre) with { Foam = level?.Id.Value };
    }

    // A double is the unit: one shot for a short drink, a third in the largest cups (common practice, no source).
    private static int ShotsFor(double room) =>
        room < 160 ? 1
        : room <= 520 ? 2
        : 3;

    // The house's own recipe is named where another would be meant without a name.
    private static string? RecipeFor(Ingredient espresso, BarFacts bar) =>
        bar.House.Espresso is { } said && bar.HasRecipe(said, espresso.Id) && bar.EspressoOf(espresso.Id)?.Id != said
            ? said
            : null;

    private static bool IsSweetened(Ingredient milk) =>
        milk.Sugars is { } sugars && sugars[Sugar.Sucrose].Value > SweetenedMilkAndFullStrokes.AddedSugar;

    private static LineDocument Line(
        string id,
        Ingredient ingredient,
        double amount,
        BarFacts bar,
        string? technique,
        Measure? measure = null
    )
    {
        var said = measure ?? Dosing.MeasuresFor(ingredient, bar)[0];
        var step = BarRounding.StepOf(said, ingredient, bar);
        return new LineDocument
        {
            Id = id,
            Ingredient = ingredient.Id.Value,
            Measure = said.Code,
            Amount = Math.Max(step, BarRounding.Round(amount, step)),
            Technique = technique == "pour" ? null : technique,
        };
    }

    // A stroke is a stroke; what has no pump goes in by a usual stroke's volume for each of them, in its own measure.
    private static double DoseOf(double strokes, Ingredient ingredient, BarFacts bar)
    {
        var measure = Dosing.MeasuresFor(ingredient, bar)[0];
        return measure.Kind == MeasureKind.Stroke
            ? strokes
            : Dosing
                .Convert(new Quantity(strokes * MlPerStroke, Measure.Millilitre), measure, ingredient, bar, "flavour")
                .Value.Amount;
    }

    // Syrups and sauces; those in a dispenser first, and of those the syrups.
    private static List<Ingredient> AllFlavours(BarFacts bar) =>
        [
            .. bar
                .Ingredients.Where(ingredient =>
                    ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce && ingredient.MostPerDrink is null
                )
                .OrderByDescending(ingredient => bar.DispenserOf(ingredient.Id) is not null),
        ];
}
