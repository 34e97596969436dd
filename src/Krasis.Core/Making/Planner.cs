using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Changing.Stations;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Checks.Order;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Nutrition;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Making;

/// <summary>Turns a build into the steps by which it is made.</summary>
public static class Planner
{
    /// <summary>Plans every size that a station has the cup for.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The facts that it was published with, seen from the station where standards are set.</param>
    /// <param name="station">The station's id; null for the one where standards are set.</param>
    /// <returns>The plans in the build's order of sizes; or a problem under <c>station</c> where there is no such
    /// station, or it has none of the cups.</returns>
    public static Reading<IReadOnlyList<MakingPlan>> Plan(Build build, BarFacts bar, string? station = null)
    {
        var place = Place(build, bar, station);
        return place.IsRead
            ? Reading<IReadOnlyList<MakingPlan>>.Of(Plan(place.Value.Turned, place.Value.Name))
            : Reading<IReadOnlyList<MakingPlan>>.Failed(place.Problems);
    }

    /// <summary>Plans every size of a build that is turned to its station already.</summary>
    /// <param name="turned">The build as the station pours it.</param>
    /// <param name="station">What the house calls the station; null where there is one place only.</param>
    internal static IReadOnlyList<MakingPlan> Plan(TurnedBuild turned, string? station)
    {
        var sheet = turned.Mix();
        var worked = SizeWork.SettleAll(turned.Build, turned.Bar, turned.Scaling);
        return
        [
            .. sheet.Sizes.Zip(worked, (size, settled) =>
                new SizePlanner(turned, sheet, size, settled, station).Plan()
            ),
        ];
    }

    /// <summary>Turns a build to the station where it is made.</summary>
    /// <inheritdoc cref="Plan(Build, BarFacts, string?)"/>
    internal static Reading<(TurnedBuild Turned, string? Name)> Place(Build build, BarFacts bar, string? station)
    {
        var there = station is null ? bar.Station : bar.Stations.FirstOrDefault(known => known.Id == station);
        if (station is not null && there is null)
        {
            return Problem.At(
                "station",
                station,
                "The house has no such station.",
                bar.Stations.Count == 0
                    ? "nothing: the house has one place only"
                    : string.Join(", ", bar.Stations.Select(known => known.Name))
            );
        }

        var turned =
            there is null || there == bar.Station
                ? new TurnedBuild(build, bar, build.School.Scaling)
                : StationPour.Turn(build, Mixer.Mix(build, bar), bar, there);
        return turned is null
            ? Problem.At(
                "station",
                station,
                $"{there!.Name} has none of the cups of this drink.",
                "a station that has one of its cups"
            )
            : Reading<(TurnedBuild, string?)>.Of((turned, there?.Name));
    }

    /// <summary>One size on its way to a plan.</summary>
    private sealed class SizePlanner(
        TurnedBuild turned,
        BuildSheet sheet,
        SizeSheet size,
        WorkedSize worked,
        string? station
    )
    {
        private readonly List<WorkedLine> poured = [.. worked.Lines.Where(line => line.IsPoured)];

        private readonly List<MakingStep> steps = [];
        private readonly IReadOnlyList<Vessel> vessels = Vessels.Of(
            turned.Build.Serve,
            [.. worked.Lines.Where(line => line.IsPoured).Select(line => (line.Line.Technique, line.Ingredient))]
        );

        public MakingPlan Plan()
        {
            var tally = new Tally(worked.Size.CupVessel);
            var isWaiting = vessels.Any(IsElsewhere);
            for (var i = 0; i < poured.Count; i++)
            {
                if (isWaiting && vessels[i] is Vessel.Cup or Vessel.OnTop)
                {
                    IntoTheCup();
                }

                var line = poured[i];
                tally.Add(line.Facts, line.Mass);
                Make(line, vessels[i], line.IsInside && !isWaiting ? LevelOf(tally, line) : null);
            }

            if (isWaiting)
            {
                IntoTheCup();
            }

            Add(HandOver());
            return Whole();

            void IntoTheCup()
            {
                isWaiting = false;
                var (title, how) = StepWords.Finish(turned.Build.Serve);
                Add(
                    new MakingStep(0, title, "", "", how)
                    {
                        Level = At(worked.Size.Cup.HeightFor(Millilitres.From(tally.Surface)), null),
                    }
                );
            }
        }

        private static bool IsElsewhere(Vessel vessel) => vessel is Vessel.Shaker or Vessel.BlenderJar;

        // The wand is wiped at once: before the milk is poured that was steamed meanwhile, and else after it.
        private void Make(WorkedLine line, Vessel vessel, Millimetres? level)
        {
            var isSteamed = line is { Line.Technique: Technique.Steam, Foam: not null };
            var isReady = poured.Take(poured.IndexOf(line)).Any(shot => SteamedMeanwhile(shot) == line);
            if (isSteamed && isReady)
            {
                Add(StepWords.Wand);
            }

            Add(Step(line, vessel, level, isReady));
            if (isSteamed && !isReady)
            {
                Add(StepWords.Wand);
            }
        }

        // What goes into the shaker or the jar one after another is one step on a card.
        private void Add(MakingStep step)
        {
            var number = steps.Count == 0 ? 0 : steps[^1].Number;
            var isSame = step.Into is not null && steps.Count > 0 && steps[^1].Into == step.Into;
            steps.Add(step with { Number = isSame ? number : number + 1 });
        }

        private MakingPlan Whole() =>
            new(
                sheet.Name,
                size.Size,
                size.Name,
                turned.Build.Serve,
                station,
                steps,
                size.Cup,
                size.Drawing.Poured,
                size.Inside.Allergens.Says,
                [
                    .. sheet
                        .Cautions.Where(caution => caution.Lines.Count == 0 && caution.Sizes.Contains(size.Size))
                        .Select(caution => caution.Message),
                ],
                size.Life.Moments[0].Temperature,
                size.Fill
            );

        private static List<string> BroughtBy(WorkedLine line)
        {
            var facts = AllergenFacts.Of([line]);
            return
            [
                .. facts.Found.Select(found => found.IsTrace ? $"may contain {found.Name}" : found.Name),
                .. facts.Unknown.Select(_ => "unknown, label not read"),
            ];
        }

        private MakingStep Step(WorkedLine line, Vessel vessel, Millimetres? level, bool isReady)
        {
            var cell = CellOf(line);
            var foam = FoamOf(line);
            var dispenser =
                line.Line.Set.Measure.Kind == MeasureKind.Stroke ? turned.Bar.DispenserOf(line.Ingredient.Id) : null;
            var beside = Beside(line, cell);
            var stands = level is { } top ? At(top, cell.Mark?.Says) : null;
            return new MakingStep(
                0,
                line.Ingredient.Name,
                cell.Mark?.Says ?? $"{Say.Fine(cell.Amount)} {cell.Unit}",
                beside,
                StepWords.How(line, vessel, isReady, LiesBelow(line))
            )
            {
                Line = line.Line.Id,
                Into = StepWords.Into(vessel),
                Ingredient = line.Ingredient.Id,
                Cold = line.IsIce ? null : cell.Volume,
                Colour = line.Ingredient.Colour,
                Hold = dispenser?.Name ?? foam?.Pitcher,
                Dispenser = dispenser?.Id,
                Target = Target.Of(line, turned.Bar.House),
                Level = stands,
                See = StepWords.See(line, stands, worked.Size.Cup),
                Shot = ShotOf(line, cell),
                Foam = foam,
                Meanwhile = Together(line),
                Temperature = line.Line.Technique is Technique.Steam or Technique.Cool or Technique.Foam
                    ? Celsius.From(line.Temperature)
                    : null,
                Seconds = StepWords.SecondsOf(line),
                MayStand = line.Facts.Recipe is not null && poured[^1] != line ? turned.Bar.House.Standing.Shot : null,
                Cautions =
                [
                    .. sheet
                        .Cautions.Where(caution => FirstOf(caution) == line.Line.Id)
                        .Select(caution => caution.Message),
                ],
                Allergens = BroughtBy(line),
            };
        }

        // Each caution appears once, at the first line that needs it.
        private LineId? FirstOf(Caution caution) => poured.Find(line => caution.Lines.Contains(line.Line.Id))?.Line.Id;

        // Whether flavour lies below a hot shot that only runs on it, and could be swirled in.
        private bool LiesBelow(WorkedLine shot) =>
            shot.Temperature >= PourOrder.Warm
            && turned.Build.Serve != Serve.Layered
            && poured.Take(poured.IndexOf(shot)).ToList() is var before
            && !before.Exists(line => line.IsIce)
            && before.Exists(line =>
                line.Line.Technique != Technique.Wall
                && line.Ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce or IngredientKind.Powder
            );

        // What is counted or filled to a mark is told in ml and g; what is told in one of these, in the other alone.
        private static string Beside(WorkedLine line, SheetLine cell) =>
            (cell.Mark is null ? line.Line.Set.Measure.Kind : MeasureKind.Stroke) switch
            {
                MeasureKind.Mass => "",
                MeasureKind.Volume => $"{Say.Short(cell.Mass.Value)} g",
                _ => line.IsIce || line.Facts.Recipe is not null ? $"{Say.Short(cell.Mass.Value)} g" : cell.Beside,
            };

        // The milk that is steamed while a shot runs: the first that comes after it and before another shot. There is
        // one wand.
        private WorkedLine? SteamedMeanwhile(WorkedLine shot) =>
            shot.Facts.Recipe is null
                ? null
                : poured
                    .Skip(poured.IndexOf(shot) + 1)
                    .TakeWhile(line => line.Facts.Recipe is null)
                    .FirstOrDefault(line => line is { Line.Technique: Technique.Steam, Foam: not null });

        private string? Together(WorkedLine shot) =>
            SteamedMeanwhile(shot) is { } milk && FoamOf(milk) is { } foam
                ? $"While it runs, {StepWords.Foam(milk.Ingredient.Name, Say.Ml(CellOf(milk).Volume), foam)}."
                : null;

        private SheetLine CellOf(WorkedLine line) => size.Lines.Single(each => each.Line == line.Line.Id);

        private StepFoam? FoamOf(WorkedLine line) =>
            line.Foam is { } level
                ? new StepFoam(
                    level.Name,
                    level.Thirds,
                    level.From,
                    level.IsCold ? level.From : level.To,
                    level.IsCold,
                    level.IsCold ? null : size.Milk?.Pitcher
                )
                : null;

        private static StepShot? ShotOf(WorkedLine line, SheetLine cell) =>
            cell.Pull is { } pull
                ? new StepShot(
                    pull.Recipe,
                    pull.WholePulls,
                    pull.Dose,
                    pull.Yield,
                    line.Facts.Recipe?.Window?.From,
                    line.Facts.Recipe?.Window?.To,
                    pull.PouredAway
                )
                : null;

        private StepLevel At(Millimetres height, string? mark) =>
            new(height, height * worked.Size.Cup.Shape.WallPerHeight, mark);

        private Millimetres LevelOf(Tally tally, WorkedLine line) =>
            worked.Size.Cup.HeightFor(Millilitres.From(line.IsIce ? tally.Levels.Top : tally.Surface));

        private MakingStep HandOver()
        {
            var lid = size.Fill.LidIsClear switch
            {
                { } when poured.Exists(line => line.Ingredient.IsSparkling) =>
                    "Leave the lid off, because it sparkles, and hand it over",
                true => "Put the lid on and hand it over",
                false => "Leave the lid off, which does not close over it, and hand it over",
                _ => "Hand it over",
            };
            var isCold = turned.Build.Serve != Serve.Hot;
            var degrees = size.Life.Moments[0].Temperature;
            return new MakingStep(
                0,
                "Hand it over",
                "",
                "",
                $"{lid}{(isCold ? " within a minute: the ice is melting" : "")}."
            )
            {
                See = $"It is about {Say.Degrees(Celsius.From(Math.Round(degrees.Value)))}.",
                Temperature = degrees,
            };
        }
    }
}
