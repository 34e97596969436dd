using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Recipes.Grammar;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Drafting;

/// <summary>Makes of one thing that a recipe says what it says of the build, and marks what became of each of its
/// words.</summary>
/// <param name="draft">The build so far.</param>
/// <param name="marking">The marks.</param>
/// <param name="sizes">Says of which size is spoken.</param>
/// <param name="shots">Hears how shots are pulled.</param>
internal sealed class ClauseInterpreter(Drafted draft, Marking marking, SizeSpeaker sizes, Shots shots)
{
    /// <summary>What is said of what depends on something.</summary>
    public const string Depends = "It depends on something, or takes away: nothing was taken from it.";

    private const string OfWhat = "It is not said of what.";

    // A word or two by themselves may be of something that goes in.
    private const int ShortestProse = 3;

    private readonly LinePutter lines = new(draft, marking);

    /// <summary>Reads a clause.</summary>
    /// <param name="all">Its bits.</param>
    /// <param name="isAgain">Whether it says again what was said: a step that names what is listed above.</param>
    /// <param name="inBrackets">Whether it stands in brackets.</param>
    public void Read(IReadOnlyList<Bit> all, bool isAgain, bool inBrackets)
    {
        // What stands behind "or" is another drink.
        var or = all.ToList().FindIndex(bit => bit is Bit.Or);
        if (or >= 0)
        {
            marking.Mark(all.Skip(or), PieceKind.NotUnderstood, "Only what stands before 'or' was read.");
            all = [.. all.Take(or)];
        }

        var (size, isUnknown) = (draft.Size, draft.IsSizeUnknown);
        all = sizes.Take(all, out var lasts);
        var groups = all.OfType<Bit.Group>().ToList();
        var bits = all.Where(bit => bit is not Bit.Group).ToList();
        if (
            groups.Find(group => IsMakings(group)) is { } makings
            && new PieceReader(draft, marking).Read(bits, makings) is { } made
        )
        {
            groups.Remove(makings);
            lines.Put(made.Line, made.Rest, made.Amounts, made.Says, made.Doubt, isAgain: false);
        }
        else
        {
            Plain(bits, isAgain, inBrackets);
        }

        foreach (var group in groups)
        {
            Bracketed(group, isAgain);
        }

        // Of which size one thing is said is not of which the next is.
        if (!lasts)
        {
            (draft.Size, draft.IsSizeUnknown) = (size, isUnknown);
        }
    }

    private static bool IsMakings(Bit.Group group) =>
        group.Inside.Any(bit => bit is Bit.Ratio)
        || group.Inside.Count(bit => bit is Bit.Amount) >= 2
            && group.Inside.Count(bit => bit is Bit.Word) >= 2
            && group.Inside.Any(bit => bit is Bit.Between);

    private void Bracketed(Bit.Group group, bool isAgain)
    {
        marking.Mark(group.Start, group.Start + 1, PieceKind.Between, null);
        marking.Mark(group.End - 1, group.End, PieceKind.Between, null);
        var bits = group.Inside.Where(bit => bit is not Bit.Between).ToList();
        marking.Mark(group.Inside.Where(bit => bit is Bit.Between), PieceKind.Between, null);
        if (bits.Exists(bit => bit is Bit.Doubt))
        {
            marking.Mark(bits, PieceKind.NotUnderstood, Depends);
            return;
        }

        // The same said again, or of which size it was.
        if (
            bits.Where(bit => bit is not Bit.Filler).ToList() is [Bit.Amount { Quantity: var again } amount]
            && draft.Current is { Measure: { } measure } line
            && line.Amounts.TryGetValue(draft.Size, out var known)
            && known.Amount is { } figure
        )
        {
            var refusal = line.Take(draft.Size, new Quantity(figure, measure), again, draft.Bar);
            marking.Mark(
                bits,
                refusal is null ? PieceKind.Read : PieceKind.NotUnderstood,
                refusal ?? $"{line.Ingredient.Name} · stated as {amount.Quantity}"
            );
            return;
        }

        foreach (var clause in Clause.Of(group.Inside, draft.Sizes.IsSize))
        {
            Read(clause.Bits, isAgain, inBrackets: true);
        }
    }

    private void Plain(List<Bit> bits, bool isAgain, bool inBrackets)
    {
        bits.RemoveAll(bit => shots.Take(bit));
        if (bits.Count == 0)
        {
            return;
        }

        var names = NamedBits.In(bits, draft.Names);
        var amounts = bits.Where(bit => bit.IsAmount).ToList();
        var deeds = bits.OfType<Bit.Deed>().Where(deed => !names.Exists(name => name.Bits.Contains(deed))).ToList();
        var fillers = bits.Where(bit => bit is Bit.Filler or Bit.Sign && !names.Exists(name => name.Bits.Contains(bit)))
            .ToList();
        var words = bits.Where(bit => bit is Bit.Word && !names.Exists(name => name.Bits.Contains(bit))).ToList();
        var asides = bits.Where(bit => bit is Bit.Warmth or Bit.Time or Bit.Ratio).ToList();
        if (names.Count == 0)
        {
            Nameless(isAgain, bits, amounts, deeds, fillers, words, asides);
            return;
        }

        // A drizzle of sauce has no amount, and milk in brackets may be anything.
        if (
            inBrackets
            && amounts.Count == 0
            && !names.TrueForAll(name => draft.Lines.Exists(line => line.Ingredient.Id == name.Found.Ingredient.Id))
        )
        {
            marking.Mark(bits, PieceKind.NotUnderstood, "It is not said whether it goes in.");
            return;
        }

        // Dissolved in the espresso: what is done is done to what stood before, and that is only where.
        var before = draft.Current;
        if (
            before is not null
            && deeds.Count > 0
            && amounts.Count == 0
            && names.TrueForAll(name => name.IsPlaceIn(bits))
        )
        {
            Surfaces.Apply(draft, before, deeds.ConvertAll(deed => deed.Does));
            marking.Mark(deeds, PieceKind.Read, before.Ingredient.Name);
            deeds = [];
        }

        for (var i = 0; i < names.Count; i++)
        {
            var name = names[i];
            var mine = names.Count == 1 ? amounts : [.. amounts.Where(amount => NamedBits.Owner(amount, names) == i)];
            var strays = words.Where(word => NamedBits.Owner(word, names) == i).ToList();
            var doubt = name.Found.Doubt
                ?? (
                    strays.Exists(word => word.End < name.Start && name.Start - word.End <= 1)
                        ? $"taken for {name.Found.Ingredient.Name}, though more is said of it"
                        : null
                );
            if (name.Found.Doubt is not null)
            {
                draft.Ask(name.Said, name.Found.Ingredient.Id.Value);
            }

            lines.Put(
                name.Found.Ingredient,
                [
                    .. name.Bits,
                    .. fillers.Where(filler => NamedBits.Owner(filler, names) == i),
                    .. deeds.Where(deed => NamedBits.Owner(deed, names) == i),
                ],
                mine,
                name.Found.Ingredient.Name,
                doubt,
                isAgain
            );
            marking.Mark(strays, PieceKind.NotUnderstood, null);
        }

        Aside(asides);
    }

    private void Nameless(
        bool isAgain,
        List<Bit> bits,
        List<Bit> amounts,
        List<Bit.Deed> deeds,
        List<Bit> fillers,
        List<Bit> words,
        List<Bit> asides
    )
    {
        var rest = bits.Except(asides).ToList();
        if (words.Count == 0 && amounts.Count > 0)
        {
            AmountsAlone(isAgain, rest, amounts, deeds, fillers);
        }
        else if (words.Count > 0 && (amounts.Count > 0 || deeds.Exists(PutsSomethingIn)))
        {
            draft.Continued = null;
            var said = string.Join(' ', words.Select(word => word.Said));
            if (amounts.Exists(amount => amount is not Bit.Bare))
            {
                draft.Ask(said, null);
            }

            marking.Mark(rest, PieceKind.NotUnderstood, NothingLike(words));
        }
        else if (deeds.Count > 0 && words.Count == 0)
        {
            Done(rest, deeds);
        }
        else if (
            words.Count == 0
            && bits.Select(bit => Surfaces.ServeOf(bit.Said)).FirstOrDefault(one => one is not null) is { } how
        )
        {
            draft.Serve = how;
            marking.Mark(rest, PieceKind.Read, $"served {Core.Input.Choice.Word(how)}");
        }
        else if (bits.Count < ShortestProse && words.Count > 0)
        {
            marking.Mark(rest, PieceKind.NotUnderstood, NothingLike(words));
        }
        else
        {
            marking.Mark(rest, PieceKind.Aside, "Nothing in it goes into the cup.");
        }

        Aside(asides);
    }

    private static bool PutsSomethingIn(Bit.Deed deed) =>
        deed.Does is Doing.Add or Doing.Fill or Doing.Top or Doing.Drizzle or Doing.Dust or Doing.Rim;

    private static string NothingLike(List<Bit> words) =>
        $"The bar has nothing like '{string.Join(' ', words.Select(word => word.Said))}'.";

    // "Double shot" and "6 cubes" say of what; "20oz: 4" says it of what stood before.
    private void AmountsAlone(bool isAgain, List<Bit> rest, List<Bit> amounts, List<Bit.Deed> deeds, List<Bit> fillers)
    {
        var sort = amounts.OfType<Bit.Amount>().FirstOrDefault()?.Quantity.Measure.Kind switch
        {
            MeasureKind.Shot => IngredientKind.Espresso,
            MeasureKind.Piece => IngredientKind.Ice,
            _ => default(IngredientKind?),
        };
        if (sort is { } kind && draft.Names.OfSort(kind) is { } found)
        {
            Put(found.Ingredient, [.. fillers, .. deeds], found.Doubt, isAgain);
        }
        else if (
            draft.Continued is { } current
            && draft.Size != DraftedLine.AnySize
            && !current.Amounts.ContainsKey(draft.Size)
            && !draft.IsSizeUnknown
        )
        {
            Put(current.Ingredient, [.. fillers, .. deeds], null, again: false);
        }
        else if (draft.Current is { } filled && amounts is [Bit.To] && deeds.Count == 0 && filled.Amounts.Count == 0)
        {
            Put(filled.Ingredient, fillers, null, again: true);
        }
        else
        {
            draft.Continued = draft.IsSizeUnknown ? draft.Continued : null;
            marking.Mark(
                rest,
                PieceKind.NotUnderstood,
                draft.IsSizeUnknown ? "The bar has no such size: nothing of it was kept." : OfWhat
            );
        }

        void Put(Ingredient ingredient, List<Bit> said, string? doubt, bool again) =>
            lines.Put(ingredient, said, amounts, ingredient.Name, doubt, again);
    }

    // "Stir", "shake hard": done to what stands before.
    private void Done(List<Bit> bits, List<Bit.Deed> deeds)
    {
        var does = deeds.ConvertAll(deed => deed.Does);
        if (
            draft.Current is { IsPlaceholder: true } empty
            && does.TrueForAll(one => one == Doing.Fill)
            && !draft.IsSizeUnknown
        )
        {
            marking.Mark(bits, PieceKind.Read, $"{empty.Ingredient.Name} · {lines.FillUp(empty)}");
            return;
        }

        if (
            does.TrueForAll(one =>
                one is Doing.Drizzle or Doing.Dust or Doing.Rim or Doing.Skewer or Doing.Top or Doing.Fill
            ) || (draft.Current is null && !does.Exists(one => one is Doing.Shake or Doing.Blend or Doing.Add))
        )
        {
            marking.Mark(bits, PieceKind.NotUnderstood, OfWhat);
            return;
        }

        var said = Surfaces.Apply(draft, draft.Current, does);
        marking.Mark(
            bits,
            said is null ? PieceKind.Aside : PieceKind.Read,
            said ?? "It is done and changes no amount."
        );
    }

    private void Aside(IReadOnlyList<Bit> asides)
    {
        foreach (var bit in asides)
        {
            if (bit is not Bit.Ratio && draft.Current is { } line)
            {
                line.Notes.Add(bit.Said);
                marking.Mark(bit.Start, bit.End, PieceKind.Aside, $"kept as a note on {line.Ingredient.Name}");
            }
            else
            {
                marking.Mark(bit.Start, bit.End, PieceKind.NotUnderstood, null);
            }
        }
    }
}
