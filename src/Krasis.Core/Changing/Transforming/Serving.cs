using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Transforming;

/// <summary>Makes hot drinks cold and cold ones hot.</summary>
internal static class Serving
{
    // A drink over ice takes about a third of its cup in ice (150 g in a 450 ml cup; common practice, no source).
    internal const double IceShare = 0.33;

    // In the blender it is about as much ice as liquid: 200 g to a double, syrup and 120 ml of milk in a 500 ml cup
    // (common practice, no source).
    private const double BlendedIceShare = 0.42;

    // Blended tastes more dilute than the same drink over ice, and the ice is all in it (common practice, no source).
    private const double BlendedFlavour = 1.25;

    private const string BlendsWell = "About as much ice as liquid blends well.";
    private const string RoomForIce = "Ice takes that room, and melts into the drink.";

    /// <summary>Ice in, milk unsteamed, powders and coffee as cold drinks want them.</summary>
    public static void Chill(Draft draft, Serve to, bool wasHot)
    {
        foreach (var line in draft.Build.Lines.ToList())
        {
            ChillLine(draft, line, to);
        }

        if (wasHot || to == Serve.Blended)
        {
            AddIce(draft, to);
        }

        if (to == Serve.Blended)
        {
            foreach (
                var line in draft
                    .Build.Lines.Where(line =>
                        draft.IngredientOf(line)
                            is { Kind: IngredientKind.Syrup or IngredientKind.Sauce or IngredientKind.Powder }
                    )
                    .ToList()
            )
            {
                var more = draft.Times(line, BlendedFlavour);
                draft.Replace(line, more);
                if (more.Amount != line.Amount)
                {
                    draft.Note(
                        line.Id,
                        $"{draft.IngredientOf(line)!.Name}: {Draft.Say(line)} → {Draft.Say(more)}.",
                        "Blended tastes more dilute than the same drink over ice."
                    );
                }
            }
        }

        if (to == Serve.Layered)
        {
            Layer(draft);
        }
    }

    /// <summary>Ice out, milk steamed into its room.</summary>
    public static void Warm(Draft draft)
    {
        var ice = draft.Of(IngredientKind.Ice);
        draft.Build = draft.Build with { Lines = [.. draft.Build.Lines.Where(line => !ice.Contains(line))] };
        foreach (var line in ice)
        {
            draft.Note(line.Id, $"{draft.IngredientOf(line)!.Name} is left out.", "The drink is hot.");
        }

        var room = ice.Sum(line => MassOf(draft, line));
        foreach (var line in draft.Build.Lines.ToList())
        {
            if (line.Technique is "cool" or "shake" or "blend" or "float")
            {
                draft.Replace(line, line with { Technique = null });
                draft.Note(
                    line.Id,
                    $"{draft.IngredientOf(line)!.Name} is poured in.",
                    "Nothing is cooled, shaken, blended or laid on ice in a hot drink."
                );
            }
        }

        if (
            draft.Of(IngredientKind.Milk).FirstOrDefault(line => line.Technique is not ("top" or "foam"))
            is not { } milk
        )
        {
            return;
        }

        var level = FoamLevels.Right(draft.IngredientOf(milk)!, draft.Bar);
        var steamed = Grow(draft, milk, room) with { Technique = "steam", Foam = level?.Id.Value };
        draft.Replace(milk, steamed);
        draft.Note(
            milk.Id,
            $"{draft.IngredientOf(milk)!.Name}: {Draft.Say(milk)} → {Draft.Say(steamed)}, steamed{(level is null ? "" : $" to {level.Name}")}.",
            "It takes the room that the ice had."
        );
    }

    private static void ChillLine(Draft draft, LineDocument line, Serve to)
    {
        var ingredient = draft.IngredientOf(line)!;
        var technique = (ingredient.Kind, to) switch
        {
            (IngredientKind.Milk, _) when line.Technique == "steam" => to switch
            {
                Serve.Blended => "blend",

                // Flavour lies below, and no hot coffee lifts it any more.
                Serve.Iced when HasFlavour(draft) => "stir",
                _ => "pour",
            },
            (IngredientKind.Espresso, Serve.Iced or Serve.Shaken or Serve.Blended) => "cool",
            (IngredientKind.Espresso, Serve.Layered) => "float",
            (IngredientKind.Powder, _) when line.Technique is null or "pour" => ingredient.IsWhisked
                ? "whisk"
                : "dissolve",
            _ => line.Technique,
        };
        if (technique == line.Technique)
        {
            return;
        }

        draft.Replace(line, line with { Technique = technique, Foam = null });
        draft.Note(
            line.Id,
            $"{ingredient.Name}: {Words(technique!)}.",
            technique switch
            {
                "cool" => "Hot coffee on ice makes a watery drink.",
                "float" => "Poured last and slowly it stays on top.",
                "dissolve" => "Powder does not dissolve in the cold.",
                "whisk" => "It does not dissolve, and lumps.",
                _ => "A cold drink's milk is not steamed.",
            }
        );
    }

    private static bool HasFlavour(Draft draft) =>
        draft.Build.Lines.Any(line =>
            line.Amount > 0
            && line.Technique is null or "pour"
            && draft.IngredientOf(line) is { Kind: IngredientKind.Syrup or IngredientKind.Sauce }
        );

    private static void AddIce(Draft draft, Serve to)
    {
        var there = draft.Of(IngredientKind.Ice);
        if (there.Count > 0 && to != Serve.Blended)
        {
            return;
        }

        var cup = draft.Bar.Find(new CupId(draft.Build.ReferenceSize!))!;
        var step = draft.Bar.House.IceStep.Value;
        var room = cup.WorkingVolume(Millimetres.From(draft.Build.ReserveMm ?? 0)).Value;
        if (to == Serve.Blended)
        {
            // A drink that did not fill its cup does not fill it blended either.
            var air = 1 + (draft.Bar.House.BlendedAir.Value / 100);
            room = Math.Min(
                room,
                air * draft.Build.Lines.Where(line => draft.IsInside(line)).Sum(line => VolumeOf(draft, line))
            );
        }

        var grams = Math.Round(room * (to == Serve.Blended ? BlendedIceShare : IceShare) / step) * step;
        var more = grams - there.Sum(line => MassOf(draft, line));
        if (there.Count == 0)
        {
            var ice = draft.Bar.Ingredients.First(ingredient => ingredient.IsIce);
            var line = new LineDocument
            {
                Id = draft.NewId("ice"),
                Ingredient = ice.Id.Value,
                Measure = Measure.Gram.Code,
                Amount = grams,
            };
            draft.Build = draft.Build with { Lines = [.. draft.Build.Lines, line] };
            draft.Note(
                line.Id,
                $"{ice.Name}: {Draft.Say(line)}.",
                to == Serve.Blended ? BlendsWell : "A third of the cup, as a beginning."
            );
        }
        else if (more >= step && MassOf(draft, there[0]) is > 0 and var now)
        {
            var thicker = draft.Times(there[0], (now + more) / now);
            draft.Replace(there[0], thicker);
            draft.Note(
                there[0].Id,
                $"{draft.IngredientOf(there[0])!.Name}: {Draft.Say(there[0])} → {Draft.Say(thicker)}.",
                BlendsWell
            );
        }
        else
        {
            return;
        }

        if (to == Serve.Blended)
        {
            LeaveRoom(draft, grams);
        }
        else if (
            draft.Of(IngredientKind.Milk).FirstOrDefault(milk => milk.Technique is not ("top" or "foam")) is { } milk
        )
        {
            Less(draft, milk, Grow(draft, milk, -more));
        }
    }

    // What is poured freely gives way until there is about as much liquid as ice.
    private static void LeaveRoom(Draft draft, double ice)
    {
        var liquid = draft
            .Build.Lines.Where(line => draft.IsInside(line) && draft.IngredientOf(line) is { IsIce: false })
            .ToList();
        var free = liquid
            .Where(line =>
                draft.IngredientOf(line)
                    is {
                        Kind: IngredientKind.Milk or IngredientKind.Coffee or IngredientKind.Tea or IngredientKind.Water
                    }
            )
            .ToList();
        var (all, most) = (liquid.Sum(line => VolumeOf(draft, line)), free.Sum(line => VolumeOf(draft, line)));
        if (all <= ice || most <= 0)
        {
            return;
        }

        var share = Math.Max(0.2, 1 - ((all - ice) / most));
        foreach (var line in free)
        {
            Less(draft, line, draft.Times(line, share));
        }
    }

    private static void Less(Draft draft, LineDocument line, LineDocument less)
    {
        draft.Replace(line, less);
        draft.Note(line.Id, $"{draft.IngredientOf(line)!.Name}: {Draft.Say(line)} → {Draft.Say(less)}.", RoomForIce);
    }

    private static double VolumeOf(Draft draft, LineDocument line) =>
        MassOf(draft, line) / draft.IngredientOf(line)!.Density.Value;

    // Ice first, then the heaviest liquid, espresso last and slowly.
    private static void Layer(Draft draft)
    {
        var lines = draft
            .Build.Lines.OrderBy(line => draft.IngredientOf(line) is { IsTopping: true } ? 1 : 0)
            .ThenByDescending(line => draft.IngredientOf(line) is { IsIce: true } ? 1 : 0)
            .ThenBy(line => draft.IngredientOf(line) is { Kind: IngredientKind.Espresso } ? 1 : 0)
            .ThenByDescending(line => draft.IngredientOf(line)!.DensityInDrink.Value)
            .ToList();
        var isFirst = true;
        for (var i = 0; i < lines.Count; i++)
        {
            if (draft.IngredientOf(lines[i]) is { IsIce: false, IsTopping: false })
            {
                lines[i] = isFirst ? lines[i] : lines[i] with { Technique = "float" };
                isFirst = false;
            }
        }

        draft.Build = draft.Build with { Lines = lines };
        draft.Note(
            null,
            $"Poured in this order: {string.Join(", ", lines.Select(line => draft.IngredientOf(line)!.Name))}.",
            "Ice first, then the heaviest liquid, espresso last and slowly."
        );
    }

    // The same, in so many ml more; at least a fifth of it stays.
    private static LineDocument Grow(Draft draft, LineDocument line, double ml)
    {
        var now = VolumeOf(draft, line);
        return draft.Times(line, Math.Max(0.2, (now + ml) / now));
    }

    private static double MassOf(Draft draft, LineDocument line) =>
        Dosing
            .Mass(new Quantity(line.Amount ?? 0, Measure.Find(line.Measure)!), draft.IngredientOf(line)!, draft.Bar)
            .Value;

    private static string Words(string technique) =>
        technique switch
        {
            "cool" => "cooled before it meets the ice",
            "float" => "poured slowly over the ice",
            "dissolve" => "dissolved in a splash of hot water first",
            "whisk" => "whisked smooth in a splash of hot water first",
            "blend" => "blended with the rest",
            "stir" => "poured in cold, and stirred",
            _ => "poured in cold",
        };
}
