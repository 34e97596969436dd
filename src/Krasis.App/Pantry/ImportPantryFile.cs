using Krasis.App.Bar;
using Krasis.App.Shared;
using Krasis.Core.Bar.Kinds;
using Krasis.Exchange.Pantry;
using Krasis.Store;

namespace Krasis.App.Pantry;

/// <summary>Imports a file of ingredients.</summary>
public sealed class ImportPantryFile(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PantryImported> Run(PantryRequest request) =>
        file.Write<Result<PantryImported>>(session =>
        {
            var bar = session.Bar.Whole();
            var kept = session.Bar.List(BarKinds.Ingredients);
            var read = PantryFile.Read(request.Text, [.. kept.Select(fact => fact.Document)]);
            var bad = read.Problems.Concat(read.Rows.SelectMany(row => row.Problems)).ToList();
            if (read.Problems.Count > 0 || (bad.Count > 0 && !request.LeaveOutBad))
            {
                return Refusal.Fields([
                    .. bad.Select(problem => new Core.Input.Problem(
                        $"line {problem.Line}{(problem.Column.Length == 0 ? "" : $", {problem.Column}")}",
                        problem.Value,
                        problem.Message,
                        problem.Accepted
                    )),
                ]);
            }

            var (added, changed) = (0, 0);
            foreach (var row in PantryImport.Good(read))
            {
                if (row.Known is not { } id)
                {
                    id = Guid.CreateVersion7().ToString();
                    session.Bar.Add(BarKinds.Ingredients, id, row.Document with { Id = id }, clock.GetUtcNow());
                    added++;
                }
                else if (PantryImport.StateOf(row, [.. kept.Select(fact => fact.Document)]) == PantryRowState.Changed)
                {
                    session.Bar.Update(
                        BarKinds.Ingredients,
                        id,
                        kept.Single(fact => fact.Id == id).Version,
                        row.Document,
                        clock.GetUtcNow()
                    );
                    changed++;
                }
            }

            if (FactChange.Objection(session, bar, BarKinds.Ingredients, "", "pantry") is { } objection)
            {
                session.Abandon();
                return objection;
            }

            return Result.Of(
                new PantryImported(
                    added,
                    changed,
                    read.Rows.Count - added - changed - read.Rows.Count(row => row.Problems.Count > 0),
                    read.Rows.Count(row => row.Problems.Count > 0)
                )
            );
        });
}
