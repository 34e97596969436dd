using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Input;
using Krasis.Core.Quantities;
using Krasis.Store;

namespace Krasis.App.Bar;

/// <summary>Works out a batch of a part.</summary>
public sealed class PlanPartBatch(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PartBatch> Run(BatchRequest request)
    {
        var fields = new FieldReader();
        var amount = fields.Number("amount", request.Amount, 0.1, 1_000_000, "");
        var measure = Measure.Find(request.Measure);
        if (measure is not { Kind: MeasureKind.Mass or MeasureKind.Volume })
        {
            fields.Report("measure", request.Measure, "A batch is made by mass or by volume.", "g, ml and the like");
        }

        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        // The part as it stands on the screen takes the place of the one that is kept, or comes behind them.
        var kept = file.Read(session => session.Bar.Whole());
        var part = request.Part with { Id = request.Part.Id ?? FactTrial.NewId };
        var at = kept.Parts.ToList().FindIndex(other => other.Id == part.Id) is >= 0 and var found
            ? found
            : kept.Parts.Count;
        var with = kept with { Parts = [.. kept.Parts.Take(at), part, .. kept.Parts.Skip(at + 1)] };
        var bar = BarReader.Read(with);
        return bar.IsRead
            ? Result.Of(
                PartBatch.Of(
                    PartReader.Read(part).Value,
                    [.. with.Parts.Select(other => PartReader.Read(other).Value)],
                    bar.Value,
                    new Quantity(amount, measure!)
                )
            )
            : Refusal.Fields([
                .. bar.Problems.Select(problem =>
                    problem with
                    {
                        Field = problem.Field.Replace($"parts[{at}].", "part.", StringComparison.Ordinal),
                    }
                ),
            ]);
    }
}
