using Krasis.App.Shared;
using Krasis.Core.Changing.Bringing;
using Krasis.Core.Judging.Findings;
using Krasis.Store;
using Krasis.Store.Files;
using Krasis.Store.House;

namespace Krasis.App.Files;

/// <summary>What the use cases of bundles share.</summary>
public static class BundleParts
{
    public static GuestLook Look(
        BundledBuild guest,
        Core.Bar.BarDocument theirs,
        Core.Bar.BarDocument own,
        IReadOnlyList<FactChoice> choices,
        IReadOnlyList<string> taken,
        DateOnly today
    )
    {
        // Each by itself, so that one that cannot be poured here does not hide what becomes of the others.
        var brought = DrinkImporter.Import([guest.Build], theirs, own, choices, taken);
        return !brought.IsRead
            ? new GuestLook(guest.Id, brought.Problems[0].Message, [], [], [])
            : new GuestLook(
                guest.Id,
                null,
                brought.Value.Drinks[0].Sizes,
                brought.Value.Drinks[0].Said,
                [
                    .. brought
                        .Value.Drinks[0]
                        .Sheet.Findings.Where(finding => finding.Severity is Severity.Fault or Severity.Warning)
                        .Select(finding => finding.Message),
                ]
            );
    }

    public static TakenRow Replace(
        KrasisFile file,
        WorkedOut known,
        string house,
        IReadOnlyList<HouseTable> tables,
        string? says,
        string why,
        DateTimeOffset now
    )
    {
        var copy = Path.Combine(file.CopiesFolder, Copies.NameOf(file.Path, now, why));
        Copies.Make(file.Path, copy);
        var taken = file.Write(session =>
        {
            session.House.Replace(house, tables);
            return says is null ? null! : TakingIn.Note(session, says, new Undo { Copy = copy }, now);
        });

        known.Forget();
        return taken;
    }

    public static TakenView View(TakenRow row) =>
        new(
            row.Id,
            DateTimeOffset.Parse(row.TakenAt, System.Globalization.CultureInfo.InvariantCulture),
            row.Says,
            row.UndoneAt is not null
        );

    public static Refusal Gone() => Refusal.Missing("file that is being looked through; choose it again");
}
