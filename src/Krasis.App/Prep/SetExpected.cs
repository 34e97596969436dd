using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Prep;

namespace Krasis.App.Prep;

/// <summary>Sets how many cups are expected.</summary>
public sealed class SetExpected(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    private const int MostDays = 28;
    private const int MostCells = 5000;

    /// <summary>Sets them.</summary>
    public Result<ExpectedView> Run(SayRequest request) =>
        file.Write(
                session => Prepare(session, request),
                (session, prepared) =>
                    prepared.Then(rows =>
                    {
                        foreach (var (row, isSaid) in rows)
                        {
                            session.Prep.Expect(row, isSaid);
                        }

                        return default(Done);
                    })
            )
            .Then(_ =>
                file.Read(session =>
                    ExpectedViews.View(
                        session,
                        Kitchen.Of(session, standards, clock),
                        request.From,
                        Math.Clamp(request.Days ?? 7, 1, MostDays)
                    )
                )
            );

    private Result<List<(CupsRow Row, bool IsSaid)>> Prepare(Session session, SayRequest request)
    {
        var kitchen = Kitchen.Of(session, standards, clock);
        var fields = new FieldReader();
        var cells = (request.Cells ?? []).Select(cell => cell ?? new SayCell(null, null, null, null, null)).ToList();
        if (cells.Count > MostCells)
        {
            fields.Report("cells", $"{cells.Count}", $"There are {cells.Count} entries.", "at most 5000 at once");
        }

        if (request.From is { Year: < 2000 or > 2140 })
        {
            fields.Report(
                "from",
                Kitchen.Written(request.From.Value),
                "That day is too far away.",
                "a day from 2000 to 2140"
            );
        }

        var rows = cells
            .Take(MostCells)
            .Select((cell, i) => ExpectedViews.Read(cell, $"cells[{i}]", kitchen, fields))
            .ToList();
        return fields.Problems.Count > 0 ? Refusal.Fields(fields.Problems) : rows;
    }
}
