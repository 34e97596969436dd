using Krasis.App.Bar;
using Krasis.App.Shared;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Exchange.Pantry;
using Krasis.Store;

namespace Krasis.App.Pantry;

/// <summary>Imports a file of ingredients.</summary>
public sealed class ImportPantryFile(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PantryImported> Run(PantryRequest request) =>
        file.Write(
            session => Prepare(session, request),
            (session, prepared) =>
                prepared.Then(plan =>
                {
                    foreach (var (document, id, version) in plan.Changes)
                    {
                        if (version is { } known)
                        {
                            session.Bar.Update(BarKinds.Ingredients, id, known, document, clock.GetUtcNow());
                        }
                        else
                        {
                            session.Bar.Add(BarKinds.Ingredients, id, document, clock.GetUtcNow());
                        }
                    }

                    return plan.Says;
                })
        );

    private static Result<(List<Change> Changes, PantryImported Says)> Prepare(Session session, PantryRequest request)
    {
        var kept = session.Bar.List(BarKinds.Ingredients);
        var documents = kept.Select(fact => fact.Document).ToList();
        var read = PantryFile.Read(request.Text, documents);
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

        var changes = new List<Change>();
        foreach (var row in PantryImport.Good(read))
        {
            if (row.Known is not { } id)
            {
                id = Guid.CreateVersion7().ToString();
                changes.Add(new Change(row.Document with { Id = id }, id, null));
            }
            else if (PantryImport.StateOf(row, documents) == PantryRowState.Changed)
            {
                changes.Add(new Change(row.Document, id, kept.Single(fact => fact.Id == id).Version));
            }
        }

        var bar = session.Bar.Whole();
        var after = changes.Aggregate(bar, (so, change) =>
            BarKinds.Ingredients.With(so, BarKinds.Ingredients.Named(change.Document, change.Id))
        );
        if (
            FactChange.Objection(session.Builds.List(), bar, after, BarKinds.Ingredients, "", "pantry") is { } objection
        )
        {
            return objection;
        }

        var added = changes.Count(change => change.Version is null);
        var leftOut = read.Rows.Count(row => row.Problems.Count > 0);
        return Result.Of(
            (
                changes,
                new PantryImported(added, changes.Count - added, read.Rows.Count - changes.Count - leftOut, leftOut)
            )
        );
    }

    // An ingredient as it is to be kept; its version is null where it is new.
    private sealed record Change(IngredientDocument Document, string Id, long? Version);
}
