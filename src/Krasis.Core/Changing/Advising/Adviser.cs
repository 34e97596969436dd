using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Standings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Advising;

/// <summary>Tries what the bar can really pour into a size, and says which comes nearest to the reference.</summary>
public static class Adviser
{
    /// <summary>How many ways are given.</summary>
    public const int Best = 5;

    // Of so many of the ways that look best, the build is worked out as a whole.
    private const int Finalists = 40;

    // Of those that change the same things, so many are tried where the first is refused: what stands against it stands
    // against those beside it too.
    private const int TriedAlike = 4;

    /// <summary>The best ways of pouring one size.</summary>
    /// <param name="document">The build as it was entered.</param>
    /// <param name="build">The same, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="size">One of the build's sizes.</param>
    /// <returns>At most <see cref="Best"/> ways, the best first; no two change the same things. If there is none, a
    /// sentence says why.</returns>
    /// <remarks>It varies the largest coffee, every flavour, the ice, and the largest milk (or water, or brewed coffee
    /// beside espresso) in the bar's steps. A line that is filled to a printed line may go to another one. Every other
    /// line stays as it is. Ways that do not fit are dropped. The rest are ranked by how far they are beyond what the
    /// house allows, then by <see cref="Nearness"/>. The whole build is worked out with each way before it is given, and
    /// a way that makes anything worse in any size is not given.</remarks>
    /// <exception cref="ArgumentException">The build has no such size.</exception>
    public static Advised Advise(BuildDocument document, Build build, BarFacts bar, CupId size)
    {
        var worked = SizeWork.SettleAll(build, bar, build.School.Scaling);
        var reference = worked.Single(candidate => candidate.Size.Cup.Id == build.ReferenceSize);
        var own = worked.Find(candidate => candidate.Size.Cup.Id == size)
            ?? throw new ArgumentException($"The build has no size '{size}'.", nameof(size));
        var trial = new Trial(document, build, bar, own, new Goal(bar.House, build.Serve, reference, own));
        var (ways, said, refused) = (new List<Advice>(), new HashSet<string>(), new Dictionary<string, int>());
        string? against = null;
        foreach (var way in trial.Ways().OrderBy(way => way.Score).Take(Finalists))
        {
            var does = AdviceWords.Does(own, way.Amounts, way.Mark?.Says);
            if (said.Contains(does) || (ways.Count > 0 && Goal.IsAllowed(ways[0].Score) && !Goal.IsAllowed(way.Score)))
            {
                continue;
            }

            if (
                (does == AdviceWords.AsItIs && !Goal.IsAllowed(way.Score))
                || refused.GetValueOrDefault(does) >= TriedAlike
            )
            {
                continue;
            }

            var (advice, objection) = trial.Try(way, does);
            against ??= objection is null ? null : $"The nearest, {Pour(own, way.Amounts)}: {objection}";
            if (advice is not null && said.Add(does))
            {
                ways.Add(advice);
            }
            else
            {
                refused[does] = refused.GetValueOrDefault(does) + 1;
            }

            if (ways.Count == Best)
            {
                break;
            }
        }

        return ways.Count > 0 ? new([.. ways.OrderBy(way => way.Score)], null) : new([], against);
    }

    private static string Pour(WorkedSize own, double[] amounts) =>
        string.Join(
            ", ",
            own.Lines.Where(line => amounts[line.Index] > 0)
                .Select(line => $"{line.Line.Set.With(amounts[line.Index])} of {line.Ingredient.Name}")
        );

    // One way, before the build was worked out with it.
    private sealed record Way(double[] Amounts, double Score, Mark? Mark, int Marked);

    // The ways of one size, tried.
    private sealed class Trial(BuildDocument document, Build build, BarFacts bar, WorkedSize own, Goal goal)
    {
        private readonly Standing standing = Standing.Of(Mixer.Mix(build, bar));

        // As it is, where nothing is amiss with that; as the search finds it; and as it finds it with another printed
        // line.
        public IEnumerable<Way> Ways()
        {
            var now = goal.Score(own.Poured, own.Amounts());
            if (goal.Fits(own.Poured) && Goal.IsAllowed(now))
            {
                yield return new Way(own.Amounts(), now, null, -1);
            }

            foreach (var (amounts, score) in new Search(own, goal).Best())
            {
                yield return new Way(amounts, score, null, -1);
            }

            var cup = own.Size.Cup;
            foreach (var line in own.Lines.Where(line => line.Mark is Mark.Line && line.Origin == Origin.Marked))
            {
                foreach (var printed in cup.PrintedLines)
                {
                    var (mark, volume) = (new Mark.Line(null, printed.Label), cup.VolumeTo(printed.Height).Value);
                    if (cup.HeightOf(line.Mark!, own.Size.Reserve) == printed.Height)
                    {
                        continue;
                    }

                    foreach (var (amounts, score) in new Search(own, goal, (line.Index, volume)).Best())
                    {
                        yield return new Way(amounts, score, mark, line.Index);
                    }
                }
            }
        }

        // Pins all that it relies on, and says what the build then comes to; or what stands against it.
        public (Advice? Advice, string? Against) Try(Way way, string does)
        {
            var edits = EditsOf(way);
            var read = BuildReader.Read(edits.Aggregate(document, BuildEdits.Apply), bar, nameless: true);
            if (!read.IsRead)
            {
                return (null, null);
            }

            var poured = SizeWork
                .SettleAll(read.Value, bar, build.School.Scaling)
                .Single(one => one.Size.Cup.Id == own.Size.Cup.Id);
            var after = Mixer.Mix(read.Value, bar);
            var worse = Standing.Of(after).WorseThan(standing);
            if (!goal.Fits(poured.Poured) || worse.Count > 0)
            {
                return (null, worse.Select(one => one.Said?.Message).FirstOrDefault(message => message is not null));
            }

            var sheet = after.Sizes.Single(one => one.Size == own.Size.Cup.Id);
            var (strength, sweetness) = (
                Drift.Of(goal.Wanted.Strength, poured.Poured.Strength),
                Drift.Of(goal.Wanted.Sweetness, poured.Poured.Sweetness)
            );
            var (strong, sweet) = DriftWords.Of(strength, sweetness, "the reference");
            var room = sheet.Fill.RoomLeft;
            var advice = new Advice(
                edits,
                does,
                AdviceWords.GivesUp(goal.Wanted, Measured.Of(poured.Poured, goal.Working)),
                Pour(poured, poured.Amounts()),
                strength,
                sweetness,
                room,
                goal.Score(poured.Poured, poured.Amounts()),
                $"{strong}, {sweet}; {Math.Round(room.Value).ToString(CultureInfo.InvariantCulture)} ml of room left."
            );
            return (advice, null);
        }

        private List<CellEdit> EditsOf(Way way)
        {
            var isOther =
                way.Mark is not null
                || own.Lines.Any(line => line.Mark is null && Math.Abs(way.Amounts[line.Index] - line.Amount) > 1e-9);
            return
            [
                .. own
                    .Lines.Where(line =>
                        isOther
                        && (
                            line.Mark is not null ? line.Index == way.Marked
                            : line.Origin == Origin.Scaled ? Relies(line)
                            : Math.Abs(way.Amounts[line.Index] - line.Amount) > 1e-9
                        )
                    )
                    .Select(line => new CellEdit(line.Line.Id, own.Size.Cup.Id, way.Amounts[line.Index])
                    {
                        To = line.Mark is null ? null : way.Mark!.Says,
                    }),
            ];
        }

        // What the way is made of, and what would follow it if it were not said: pinned, so that it stays as it is
        // described.
        private static bool Relies(WorkedLine line) =>
            VariedLines.Has(line)
            || line.Facts.Rule.By is ScaleBy.Share or ScaleBy.Rest or ScaleBy.Coffee or ScaleBy.Sweetness;
    }
}
