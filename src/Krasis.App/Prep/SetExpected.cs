using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Sets how many cups are expected.</summary>
public sealed class SetExpected(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    private const int MostDays = 28;
    private const int PastDays = 21;

    /// <summary>Does it.</summary>
    public Result<ExpectedView> Run(SayRequest request) =>
        file.Write<Result<ExpectedView>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            var fields = new FieldReader();
            var cells = (request.Cells ?? [])
                .Select(cell => cell ?? new SayCell(null, null, null, null, null))
                .ToList();
            if (cells.Count > 5000)
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
                .Take(5000)
                .Select((cell, i) => ExpectedViews.Read(cell, $"cells[{i}]", kitchen, fields))
                .ToList();
            if (fields.Problems.Count > 0)
            {
                return Refusal.Fields(fields.Problems);
            }

            foreach (var (row, isSaid) in rows)
            {
                session.Prep.Expect(row, isSaid);
            }

            return Result.Of(
                ExpectedViews.View(session, kitchen, request.From, Math.Clamp(request.Days ?? 7, 1, MostDays))
            );
        });
}
