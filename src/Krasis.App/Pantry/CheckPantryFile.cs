using Krasis.App.Bar;
using Krasis.App.Shared;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Changing.Moving;
using Krasis.Exchange.Pantry;
using Krasis.Store;

namespace Krasis.App.Pantry;

/// <summary>Reads a file of ingredients and says what would be imported.</summary>
public sealed class CheckPantryFile(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PantryCheck> Run(PantryRequest request)
    {
        var (bar, builds) = file.Read(session =>
            (session.Bar.Whole(), session.Builds.List().Select(build => (build.Id, build.Document)).ToList())
        );
        var read = PantryFile.Read(request.Text, bar.Ingredients);
        var good = PantryImport.Good(read);
        var before = BarReader.Read(bar).Value;
        var after = BarReader.Read(
            bar with
            {
                Ingredients = PantryImport.Laid(bar.Ingredients, good, row =>
                    row.Known ?? $"{FactTrial.NewId}-{row.Line}"
                ),
            }
        );
        return Result.Of(
            new PantryCheck(
                [
                    .. read.Rows.Select(row => new PantryRowView(
                        row.Line,
                        row.Document.Name ?? "",
                        PantryImport.StateOf(row, bar.Ingredients),
                        row.Problems
                    )),
                ],
                read.Problems,
                after.IsRead ? null : after.Problems[0].Message,
                !PantryFile.IsJson(request.Text) && read.Rows.Any(row => row.Problems.Count > 0)
                    ? PantryCsv.WriteBad(request.Text, read.Rows)
                    : null,
                after.IsRead ? Effect.Of(builds, _ => false, before, after.Value, clock.Today()).Moved : []
            )
        );
    }
}
