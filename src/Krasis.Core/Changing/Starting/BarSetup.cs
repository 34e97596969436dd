using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Input;

namespace Krasis.Core.Changing.Starting;

/// <summary>Makes a bar of what a house says of its own, and of the starter pantry behind it.</summary>
public static class BarSetup
{
    // Tap water from a kettle jug; it hardly matters to what it weighs.
    private const double WaterCelsius = 20;

    /// <summary>The bar: the house's cups, shot, milks and flavours instead of the starter's; the rest of the starter's
    /// stays.</summary>
    /// <param name="starter">The starter's bar.</param>
    /// <param name="setup">What the house says.</param>
    /// <returns>The bar, which can be read; or what is wrong with what was said, by its own fields.</returns>
    public static Reading<BarDocument> Make(BarDocument starter, SetupDocument setup)
    {
        var fields = new FieldReader();
        if (setup.Cups.Count == 0)
        {
            fields.Report(
                "cups",
                null,
                "No cup is named yet.",
                "at least one cup, with the ml on its label or the grams of water it holds"
            );
        }

        var ids = new HashSet<string>(StringComparer.Ordinal);
        var cups = setup
            .Cups.Select((cup, i) => Checked(Cup(cup, IdOf(cup.Name, "cup", ids)), $"cups[{i}]", fields))
            .ToList();
        var dose = fields.Number("doseGrams", setup.DoseGrams, 5, 40, "g");
        var yield = fields.Number("yieldGrams", setup.YieldGrams, 5, 150, "g");
        var milks = starter.Ingredients.Where(known => known.Kind == "milk" && setup.Milks.Contains(known.Id)).ToList();
        if (milks.Count == 0)
        {
            fields.Report("milks", null, "No milk is chosen yet.", "at least one of the starter pantry's milks");
        }

        ids.UnionWith(starter.Ingredients.Select(known => known.Id!));
        var flavours = setup
            .Flavours.Select(
                (flavour, i) =>
                    Flavour(
                        flavour,
                        i,
                        starter,
                        Namesake(starter, flavour)?.Id ?? IdOf(flavour.Name, "flavour", ids),
                        fields
                    )
            )
            .OfType<IngredientDocument>()
            .ToList();
        ReportTakenNames(starter, setup, fields);
        if (fields.Problems.Count > 0)
        {
            return Reading<BarDocument>.Failed(fields.Problems);
        }

        var bar = With(starter, setup, cups, milks, flavours, Shot(starter, dose, yield));
        var read = BarReader.Read(bar);
        return read.IsRead ? Reading<BarDocument>.Of(bar) : Reading<BarDocument>.Failed(read.Problems);
    }

    private static BarDocument With(
        BarDocument starter,
        SetupDocument setup,
        IReadOnlyList<CupDocument> cups,
        IReadOnlyList<IngredientDocument> milks,
        List<IngredientDocument> flavours,
        IReadOnlyList<EspressoDocument> espresso
    )
    {
        var needed = NeededByParts(starter);
        var own = flavours.Select(flavour => flavour.Id).ToHashSet();
        var others = starter
            .Ingredients.Where(known =>
                !milks.Contains(known)
                && !own.Contains(known.Id)
                && (
                    known.Kind is not ("milk" or "syrup")
                    || needed.Contains(known.Id)
                    || (flavours.Count == 0 && known == PlainSyrup(starter))
                )
            )
            .ToList();
        var pumped = setup.Flavours.Zip(flavours).Where(pair => pair.First.StrokeMl is not null).ToList();
        var kept = others
            .Concat(flavours.Except(pumped.Select(pair => pair.Second)))
            .Select(known => known.Id)
            .ToHashSet();
        var pumps = pumped.Select(pair => new DispenserDocument
        {
            Id = $"{pair.Second.Id}-pump",
            Name = $"{pair.Second.Name} pump",
            Ingredient = pair.Second.Id,
            Kind = "pump",
            StrokeMl = pair.First.StrokeMl,
        });
        return starter with
        {
            Cups = cups,
            Ingredients =
            [
                .. others.TakeWhile(known => known.Kind == "espresso"),
                .. milks,
                .. flavours,
                .. others.SkipWhile(known => known.Kind == "espresso"),
            ],
            Dispensers = [.. starter.Dispensers.Where(known => kept.Contains(known.Ingredient)), .. pumps],
            Espresso = espresso,
        };
    }

    // The house's shot instead of the starter's first.
    private static List<EspressoDocument> Shot(BarDocument starter, double dose, double yield) =>
        [
            .. starter.Espresso.Select(
                (recipe, i) =>
                    i == 0
                        ? recipe with
                        {
                            DoseGrams = dose,
                            YieldGrams = yield,
                            BasketFromGrams = null,
                            BasketToGrams = null,
                        }
                        : recipe
            ),
        ];

    /// <summary>What a flavour can be like.</summary>
    public static IReadOnlyList<NamedChoice> Likes(BarDocument starter) =>
        [
            .. starter
                .Ingredients.Where(known => known.Kind is "syrup" or "sauce")
                .Select(known => new NamedChoice(known.Id!, known.Name!)),
        ];

    /// <summary>The milks that can be chosen.</summary>
    public static IReadOnlyList<NamedChoice> Milks(BarDocument starter) =>
        [
            .. starter
                .Ingredients.Where(known => known.Kind == "milk")
                .Select(known => new NamedChoice(known.Id!, known.Name!)),
        ];

    private static CupDocument Cup(SetupCup cup, string id) =>
        new()
        {
            Id = id,
            Name = cup.Name,
            LabelMl = cup.LabelMl,
            WaterGrams = cup.WaterGrams,
            WaterCelsius = cup.WaterGrams is null ? null : WaterCelsius,
        };

    private static CupDocument Checked(CupDocument cup, string path, FieldReader fields)
    {
        fields.Take(CupReader.Read(cup, path).Problems);
        return cup;
    }

    private static IngredientDocument? Flavour(
        SetupFlavour flavour,
        int i,
        BarDocument starter,
        string id,
        FieldReader fields
    )
    {
        var like = flavour.Like is null
            ? PlainSyrup(starter)
            : starter.Ingredients.FirstOrDefault(known => known.Id == flavour.Like && known.Kind is "syrup" or "sauce");
        if (like is null)
        {
            fields.Report(
                $"flavours[{i}].like",
                flavour.Like,
                "The starter pantry has no such flavour.",
                string.Join(", ", Likes(starter).Select(known => known.Name))
            );
            return null;
        }

        var name = fields.Name($"flavours[{i}].name", flavour.Name);
        if (flavour.StrokeMl is not null)
        {
            _ = fields.Number($"flavours[{i}].strokeMl", flavour.StrokeMl, 0.1, 60, "ml");
        }

        return MissingIngredient.AsLike(like, id, name);
    }

    // A house flavour with the name of a starter one replaces it and keeps its id, so that parts made with it still work.
    private static IngredientDocument? Namesake(BarDocument starter, SetupFlavour flavour) =>
        starter.Ingredients.FirstOrDefault(known =>
            known.Kind is "syrup" or "sauce"
            && string.Equals(known.Name, flavour.Name?.Trim(), StringComparison.OrdinalIgnoreCase)
        );

    // What the starter's parts are made of stays with them.
    private static HashSet<string?> NeededByParts(BarDocument starter) =>
        starter.Parts.SelectMany(part => part.Lines).Select(line => line.Ingredient).ToHashSet();

    private static void ReportTakenNames(BarDocument starter, SetupDocument setup, FieldReader fields)
    {
        var needed = NeededByParts(starter);
        var taken = starter
            .Ingredients.Where(known =>
                known.Kind is not ("syrup" or "sauce" or "milk")
                || (known.Kind == "milk" && (setup.Milks.Contains(known.Id) || needed.Contains(known.Id)))
            )
            .Select(known => known.Name!)
            .ToHashSet(StringComparer.OrdinalIgnoreCase);
        for (var i = 0; i < setup.Flavours.Count; i++)
        {
            var name = setup.Flavours[i].Name?.Trim() ?? "";
            if (name.Length > 0 && !taken.Add(name))
            {
                fields.Report($"flavours[{i}].name", name, "This name is already in use.", "a different name");
            }
        }
    }

    private static IngredientDocument PlainSyrup(BarDocument starter) =>
        starter.Ingredients.First(known => known.Kind == "syrup");

    // A name in small letters, once.
    private static string IdOf(string? name, string otherwise, HashSet<string> taken)
    {
        var letters = new string([
            .. (name ?? "").Trim().ToLowerInvariant().Select(sign => char.IsAsciiLetterOrDigit(sign) ? sign : '-'),
        ]).Trim('-');
        var wanted = letters.Length is 0 or > 60 ? otherwise : letters;
        var id = wanted;
        for (var i = 2; !taken.Add(id); i++)
        {
            id = $"{wanted}-{i}";
        }

        return id;
    }
}
