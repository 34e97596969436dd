using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Recipes.Finding;
using Krasis.Recipes.Grammar;

namespace Krasis.Recipes.Drafting;

/// <summary>Makes of a line of a recipe what it says of the build, and marks what became of each of its words.</summary>
/// <param name="draft">The build so far.</param>
/// <param name="marking">The marks.</param>
internal sealed class LineInterpreter(Drafted draft, Marking marking)
{
    // A word or two by themselves may be of something that goes in.
    private const int ShortestProse = 3;

    private const string Depends = "It depends on something, or takes away: nothing was taken from it.";
    private const string OfWhat = "It is not said of what.";

    private static readonly HashSet<string> ToTheEnd = new(StringComparer.OrdinalIgnoreCase) { "if", "unless", "when", "otherwise", "instead", "except", "depending", "either", "sub", "swap", "replace", "replacing", "substitute", "optional", "optionally", "without", "w/o" };

    private readonly Shots shots = new(draft, marking);

    /// <summary>Reads a line.</summary>
    /// <param name="text">The line.</param>
    /// <param name="offset">Where it begins in the whole text.</param>
    /// <param name="isAgain">Whether it says again what was said: a step that names what is listed above.</param>
    public void Read(string text, int offset, bool isAgain)
    {
        var bits = BitGrammar.Read(text).Select(bit => Moved(bit, offset)).ToList();
        foreach (var bit in bits.Where(bit => bit is Bit.Between))
        {
            marking.Mark(bit.Start, bit.End, PieceKind.Between, null);
        }

        var (size, isUnknown) = (draft.Size, draft.IsSizeUnknown);
        var clauses = Clause.Of(bits, draft.Sizes.IsSize);
        if (clauses.Count > 1 && clauses.All(clause => draft.Sizes.IsSize(clause.Said)))
        {
            AllSizes(clauses);
            return;
        }

        var depends = false;
        foreach (var clause in clauses)
        {
            depends = clause.Before != RecipeToken.Stop && depends;
            if (depends || clause.Bits.Any(bit => bit is Bit.Doubt))
            {
                depends |= clause.Bits.Any(bit => bit is Bit.Doubt && ToTheEnd.Contains(bit.Said));
                All(clause.Bits, PieceKind.NotUnderstood, Depends);
                continue;
            }

            if (clause.IsLabel || (clauses.Count == 1 && draft.Sizes.IsSize(clause.Said)))
            {
                Label(clause.Bits, clause.Said);
                continue;
            }

            One(clause.Bits, isAgain, inBrackets: false);
        }

        shots.Settle();

        // A label by itself is of what stands below it, and one before amounts of these.
        if (clauses.Count > 1 || (clauses.Count == 1 && !draft.Sizes.IsSize(clauses[0].Said)))
        {
            (draft.Size, draft.IsSizeUnknown) = clauses is [{ IsLabel: true, After: RecipeToken.Colon }] ? (draft.Size, draft.IsSizeUnknown) : (size, isUnknown);
        }
    }

    private static Bit Moved(Bit bit, int offset)
    {
        var moved = bit with { Start = bit.Start + offset, End = bit.End + offset };
        return moved is Bit.Group group ? group with { Inside = [.. group.Inside.Select(one => Moved(one, offset))] } : moved;
    }

    // "Wren / Plover / Heron": what the drink is sold in, and not of which the next is said.
    private void AllSizes(IReadOnlyList<Clause> clauses)
    {
        foreach (var clause in clauses)
        {
            Label(clause.Bits, clause.Said);
        }

        (draft.Size, draft.IsSizeUnknown) = (DraftedLine.AnySize, false);
    }

    private void Label(IReadOnlyList<Bit> bits, string said)
    {
        if (draft.Sizes.Find(said) is { } found)
        {
            draft.Speak(found.Cup.Id.Value);
            All(bits, found.Doubt is null ? PieceKind.Read : PieceKind.Guessed, found.Doubt ?? found.Cup.Name);
        }
        else
        {
            draft.IsSizeUnknown = true;
            All(bits, PieceKind.NotUnderstood, "No cup of the bar is called or sold as that.");
        }
    }

    private void All(IEnumerable<Bit> bits, PieceKind kind, string? says)
    {
        foreach (var bit in bits)
        {
            marking.Mark(bit.Start, bit.End, kind, says);
        }
    }

    private void One(IReadOnlyList<Bit> all, bool isAgain, bool inBrackets)
    {
        // What stands behind "or" is another drink.
        var or = all.ToList().FindIndex(bit => bit is Bit.Or);
        if (or >= 0)
        {
            All(all.Skip(or), PieceKind.NotUnderstood, "Only what stands before 'or' was read.");
            all = [.. all.Take(or)];
        }

        var (size, isUnknown) = (draft.Size, draft.IsSizeUnknown);
        all = TakeSize(TakeFirstSize(all, out var isOfAll), out var isWhole);
        var groups = all.OfType<Bit.Group>().ToList();
        var bits = all.Where(bit => bit is not Bit.Group).ToList();
        if (groups.Find(group => IsMakings(group)) is { } makings && new PartReader(draft, marking).Read(bits, makings) is { } made)
        {
            groups.Remove(makings);
            Put(made.Line, made.Rest, made.Amounts, made.Says, made.Doubt, isAgain: false);
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
        if (!isOfAll && !isWhole)
        {
            (draft.Size, draft.IsSizeUnknown) = (size, isUnknown);
        }
    }

    // "20 oz gets 4 pumps", "Wren 1", "3 pumps (16 oz)".
    private IReadOnlyList<Bit> TakeFirstSize(IReadOnlyList<Bit> all, out bool isOfAll)
    {
        isOfAll = false;
        if (all.OfType<Bit.Group>().FirstOrDefault(group => draft.Sizes.IsSize(string.Join(' ', group.Inside.Select(bit => bit.Said)))) is { } sized)
        {
            Label([sized], string.Join(' ', sized.Inside.Select(bit => bit.Said)));
            return [.. all.Where(bit => bit != sized)];
        }

        for (var count = Math.Min(3, all.Count - 1); count > 0; count--)
        {
            var text = string.Join(' ', all.Take(count).Select(bit => bit.Said));
            var next = all[count];
            var gets = next.Said.ToLowerInvariant() is "gets" or "get" or "takes" or "has";
            if (draft.Sizes.IsSize(text) && (gets || (next is Bit.Amount or Bit.Bare && all.Count == count + 1)))
            {
                isOfAll = gets;
                Label([.. all.Take(count), .. gets ? new[] { next } : []], text);
                return [.. all.Skip(gets ? count + 1 : count)];
            }
        }

        return all;
    }

    // "In a 12 oz cup", "for the large": takes these bits away and speaks of that size.
    private IReadOnlyList<Bit> TakeSize(IReadOnlyList<Bit> all, out bool isWhole)
    {
        isWhole = false;
        for (var i = 0; i < all.Count; i++)
        {
            if (all[i] is not Bit.Filler { Said: var word } || word.ToLowerInvariant() is not ("for" or "in" or "into"))
            {
                continue;
            }

            for (var count = Math.Min(4, all.Count - i - 1); count > 0; count--)
            {
                var said = all.Skip(i + 1).Take(count).ToList();
                var text = string.Join(' ', said.Select(bit => bit.Said));
                if (!said.TrueForAll(bit => bit is Bit.Filler or Bit.Word or Bit.Amount or Bit.Deed) || !draft.Sizes.IsSize(text) || said.TrueForAll(bit => bit is Bit.Filler))
                {
                    continue;
                }

                // A volume is a size only where a cup is said of it, or nothing more and there is such a cup: 'in 30 ml of water' is not.
                if (said.Exists(bit => bit is Bit.Amount) && !IsCup(all, i + 1 + count, said) && !(i + 1 + count == all.Count && i > 0 && draft.Sizes.Find(text) is not null))
                {
                    continue;
                }

                Label([all[i], .. said], text);
                isWhole = all.Count == count + 1;
                return [.. all.Take(i), .. all.Skip(i + 1 + count)];
            }
        }

        return all;
    }

    private static bool IsCup(IReadOnlyList<Bit> all, int next, List<Bit> said) =>
        said[^1].Said.ToLowerInvariant() is "cup" or "glass" or "mug" or "size"
        || (next < all.Count && all[next].Said.ToLowerInvariant() is "cup" or "glass" or "mug");

    private static bool IsMakings(Bit.Group group) =>
        group.Inside.Any(bit => bit is Bit.Ratio) || group.Inside.Count(bit => bit is Bit.Amount) >= 2 && group.Inside.Count(bit => bit is Bit.Word) >= 2 && group.Inside.Any(bit => bit is Bit.Between);

    private void Bracketed(Bit.Group group, bool isAgain)
    {
        marking.Mark(group.Start, group.Start + 1, PieceKind.Between, null);
        marking.Mark(group.End - 1, group.End, PieceKind.Between, null);
        var bits = group.Inside.Where(bit => bit is not Bit.Between).ToList();
        All(group.Inside.Where(bit => bit is Bit.Between), PieceKind.Between, null);
        if (bits.Exists(bit => bit is Bit.Doubt))
        {
            All(bits, PieceKind.NotUnderstood, Depends);
            return;
        }

        // The same said again, or of which size it was.
        if (bits.Where(bit => bit is not Bit.Filler).ToList() is [Bit.Amount { Quantity: var again } amount] && draft.Current is { Measure: { } measure } line && line.Amounts.TryGetValue(draft.Size, out var known) && known.Amount is { } figure)
        {
            var refusal = line.Take(draft.Size, new Quantity(figure, measure), again, draft.Bar);
            All(bits, refusal is null ? PieceKind.Read : PieceKind.NotUnderstood, refusal ?? $"{line.Ingredient.Name} · stated as {amount.Quantity}");
            return;
        }

        foreach (var clause in Clause.Of(group.Inside, draft.Sizes.IsSize))
        {
            One(clause.Bits, isAgain, inBrackets: true);
        }
    }

    private void Plain(List<Bit> bits, bool isAgain, bool inBrackets)
    {
        bits.RemoveAll(bit => shots.Take(bit));
        if (bits.Count == 0)
        {
            return;
        }

        var names = Named(bits);
        var amounts = bits.Where(bit => bit.IsAmount).ToList();
        var deeds = bits.OfType<Bit.Deed>().Where(deed => !names.Exists(name => name.Bits.Contains(deed))).ToList();
        var fillers = bits.Where(bit => bit is Bit.Filler or Bit.Sign && !names.Exists(name => name.Bits.Contains(bit))).ToList();
        var words = bits.Where(bit => bit is Bit.Word && !names.Exists(name => name.Bits.Contains(bit))).ToList();
        var asides = bits.Where(bit => bit is Bit.Warmth or Bit.Time or Bit.Ratio).ToList();
        if (names.Count == 0)
        {
            Nameless(bits, amounts, deeds, fillers, words, asides);
            return;
        }

        // A drizzle of sauce has no amount, and milk in brackets may be anything.
        if (inBrackets && amounts.Count == 0 && !names.TrueForAll(name => draft.Lines.Exists(line => line.Ingredient.Id == name.Found.Ingredient.Id)))
        {
            All(bits, PieceKind.NotUnderstood, "It is not said whether it goes in.");
            return;
        }

        // Dissolved in the espresso: what is done is done to what stood before, and that is only where.
        var before = draft.Current;
        if (before is not null && deeds.Count > 0 && amounts.Count == 0 && names.TrueForAll(name => IsPlace(bits, name)))
        {
            Surfaces.Apply(draft, before, deeds.ConvertAll(deed => deed.Does));
            All(deeds, PieceKind.Read, before.Ingredient.Name);
            deeds = [];
        }

        for (var i = 0; i < names.Count; i++)
        {
            var name = names[i];
            var mine = names.Count == 1 ? amounts : [.. amounts.Where(amount => Owner(amount, names) == i)];
            var strays = words.Where(word => Owner(word, names) == i).ToList();
            var doubt = name.Found.Doubt ?? (strays.Exists(word => word.End < name.Start && name.Start - word.End <= 1) ? $"taken for {name.Found.Ingredient.Name}, though more is said of it" : null);
            if (name.Found.Doubt is not null)
            {
                draft.Ask(name.Said, name.Found.Ingredient.Id.Value);
            }

            Put(name.Found.Ingredient, [.. name.Bits, .. fillers.Where(filler => Owner(filler, names) == i), .. deeds.Where(deed => Owner(deed, names) == i)], mine, name.Found.Ingredient.Name, doubt, isAgain);
            All(strays, PieceKind.NotUnderstood, null);
        }

        Aside(asides);
    }

    private static bool IsPlace(List<Bit> bits, NamedBits name) =>
        bits.TakeWhile(bit => bit.Start < name.Start).Reverse().SkipWhile(bit => bit.Said.ToLowerInvariant() is "the" or "a" or "an" or "your" or "hot" or "cold").FirstOrDefault()?.Said.ToLowerInvariant()
            is "in" or "into" or "over" or "onto" or "on" or "under" or "through";

    // To whom something belongs: the next name behind it, or the last before it.
    private static int Owner(Bit bit, List<NamedBits> names) => names.FindIndex(name => name.Start >= bit.Start) is >= 0 and var next ? next : names.Count - 1;

    private void Put(Ingredient ingredient, IReadOnlyList<Bit> said, IReadOnlyList<Bit> amounts, string name, string? doubt, bool isAgain)
    {
        var deeds = said.OfType<Bit.Deed>().Select(deed => deed.Does).ToList();
        var line = draft.Lines.LastOrDefault(one => one.Ingredient.Id == ingredient.Id);
        var isMention = line is not null && (isAgain || amounts.Count == 0 || line.IsPlaceholder || (draft.Size != DraftedLine.AnySize && !line.Amounts.ContainsKey(draft.Size)));
        if (line is null || !isMention)
        {
            line = new DraftedLine(ingredient);
            draft.Lines.Add(line);
        }

        draft.Current = draft.Continued = line;
        line.IsFoam |= said.Any(bit => bit.Said.Equals("foam", StringComparison.OrdinalIgnoreCase));
        var fill = deeds.Contains(Doing.Fill) || (deeds.Contains(Doing.Top) && Surfaces.FillsUp(line));
        var (says, trouble) = (new List<string>(), default(string?));
        foreach (var (amount, i) in amounts.Select((amount, i) => (amount, i)))
        {
            if (amount is not Bit.To and not Bit.Vague && amounts.Take(i).Any(one => one is not Bit.To and not Bit.Vague))
            {
                marking.Mark(amount.Start, amount.End, PieceKind.NotUnderstood, $"It is a second amount of {ingredient.Name}.");
                continue;
            }

            var (what, why, problem) = amount is Bit.Series series ? new Amounts(draft).Take(line, series) : new Amounts(draft).Take(line, amount, isAgain && isMention);
            if (problem is not null)
            {
                marking.Mark(amount.Start, amount.End, PieceKind.NotUnderstood, problem);
                trouble = problem;
                continue;
            }

            says.Add(what!);
            doubt ??= why;
        }

        if (fill && !amounts.Any(amount => amount is Bit.To or Bit.Amount))
        {
            says.Add(FillUp(line));
        }

        Surfaces.Apply(draft, line, deeds);
        if (says.Count == 0 && trouble is null && !isMention)
        {
            doubt ??= $"{name} · how much is not said";
        }

        // What is named again is what was meant.
        if (isMention && isAgain)
        {
            doubt = null;
        }

        var sentence = doubt is not null ? (says.Count > 0 && !doubt.Contains('·', StringComparison.Ordinal) ? $"{doubt} · {string.Join(", ", says)}" : doubt) : says.Count > 0 ? $"{name} · {string.Join(", ", says)}" : name;
        All(said.Concat(amounts.Where((amount, i) => amount is Bit.To || (amount is not Bit.Vague && !amounts.Take(i).Any(one => one is not Bit.To and not Bit.Vague)))), doubt is null ? PieceKind.Read : PieceKind.Guessed, sentence);
    }

    private string FillUp(DraftedLine line)
    {
        line.Take(draft.Size, "to the top");
        return "to the top";
    }

    private void Nameless(List<Bit> bits, List<Bit> amounts, List<Bit.Deed> deeds, List<Bit> fillers, List<Bit> words, List<Bit> asides)
    {
        // "Double shot" and "6 cubes" say of what; "20oz: 4" says it of what stood before.
        if (words.Count == 0 && amounts.Count > 0)
        {
            var sort = amounts.OfType<Bit.Amount>().FirstOrDefault()?.Quantity.Measure.Kind switch { MeasureKind.Shot => IngredientKind.Espresso, MeasureKind.Piece => IngredientKind.Ice, _ => default(IngredientKind?) };
            if (sort is { } kind && draft.Names.OfSort(kind) is { } found)
            {
                Put(found.Ingredient, [.. fillers, .. deeds], amounts, found.Ingredient.Name, found.Doubt, isAgain: false);
                Aside(asides);
                return;
            }

            if (draft.Continued is { } current && draft.Size != DraftedLine.AnySize && !current.Amounts.ContainsKey(draft.Size) && !draft.IsSizeUnknown)
            {
                Put(current.Ingredient, [.. fillers, .. deeds], amounts, current.Ingredient.Name, null, isAgain: false);
                Aside(asides);
                return;
            }

            if (draft.Current is { } filled && amounts is [Bit.To] && deeds.Count == 0 && filled.Amounts.Count == 0)
            {
                Put(filled.Ingredient, fillers, amounts, filled.Ingredient.Name, null, isAgain: true);
                return;
            }

            draft.Continued = draft.IsSizeUnknown ? draft.Continued : null;
            All(bits.Except(asides), PieceKind.NotUnderstood, draft.IsSizeUnknown ? "The bar has no such size: nothing of it was kept." : OfWhat);
            Aside(asides);
            return;
        }

        if (words.Count > 0 && (amounts.Count > 0 || deeds.Exists(deed => deed.Does is Doing.Add or Doing.Fill or Doing.Top or Doing.Drizzle or Doing.Dust or Doing.Rim)))
        {
            draft.Continued = null;
            var said = string.Join(' ', words.Select(word => word.Said));
            if (amounts.Exists(amount => amount is not Bit.Bare))
            {
                draft.Ask(said, null);
            }

            All(bits.Except(asides), PieceKind.NotUnderstood, $"The bar has nothing like '{said}'.");
            Aside(asides);
            return;
        }

        if (deeds.Count > 0 && words.Count == 0)
        {
            Done(bits.Except(asides).ToList(), deeds);
            Aside(asides);
            return;
        }

        var serve = bits.Select(bit => Surfaces.ServeOf(bit.Said)).FirstOrDefault(one => one is not null);
        if (serve is { } how && words.Count == 0)
        {
            draft.Serve = how;
            All(bits.Except(asides), PieceKind.Read, $"served {Core.Input.Choice.Word(how)}");
        }
        else if (bits.Count < ShortestProse && words.Count > 0)
        {
            All(bits.Except(asides), PieceKind.NotUnderstood, $"The bar has nothing like '{string.Join(' ', words.Select(word => word.Said))}'.");
        }
        else
        {
            All(bits.Except(asides), PieceKind.Aside, "Nothing in it goes into the cup.");
        }

        Aside(asides);
    }

    // "Stir", "shake hard": done to what stands before.
    private void Done(List<Bit> bits, List<Bit.Deed> deeds)
    {
        var does = deeds.ConvertAll(deed => deed.Does);
        if (draft.Current is { IsPlaceholder: true } empty && does.TrueForAll(one => one == Doing.Fill) && !draft.IsSizeUnknown)
        {
            All(bits, PieceKind.Read, $"{empty.Ingredient.Name} · {FillUp(empty)}");
            return;
        }

        if (does.TrueForAll(one => one is Doing.Drizzle or Doing.Dust or Doing.Rim or Doing.Skewer or Doing.Top or Doing.Fill) || (draft.Current is null && !does.Exists(one => one is Doing.Shake or Doing.Blend or Doing.Add)))
        {
            All(bits, PieceKind.NotUnderstood, OfWhat);
            return;
        }

        var said = Surfaces.Apply(draft, draft.Current, does);
        All(bits, said is null ? PieceKind.Aside : PieceKind.Read, said ?? "It is done and changes no amount.");
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

    // The names among bits: runs of words, with what may hang in between. What holds something is not that thing: a milk jug.
    private List<NamedBits> Named(List<Bit> bits)
    {
        var names = new List<NamedBits>();
        for (var i = 0; i < bits.Count; i++)
        {
            var run = bits.Skip(i).TakeWhile(bit => bit.IsOfWords).ToList();
            if (run.Count == 0)
            {
                continue;
            }

            foreach (var found in draft.Names.Find([.. run.Select(bit => bit.Said)], at => run[at] is Bit.Word))
            {
                if (run.ElementAtOrDefault(found.From + found.Count) is { } next && Vocabulary.Holders.Contains(next.Said))
                {
                    continue;
                }

                names.Add(new NamedBits(found, [.. run.Skip(found.From).Take(found.Count)]));
            }

            i += run.Count - 1;
        }

        return names;
    }

    private sealed record NamedBits(FoundName Found, IReadOnlyList<Bit> Bits)
    {
        public int Start => Bits[0].Start;

        public string Said => string.Join(' ', Bits.Select(bit => bit.Said));
    }
}
