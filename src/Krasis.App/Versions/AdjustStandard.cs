using Krasis.App.Shared;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Changing.Moving;
using Krasis.Core.Judging;
using Krasis.Store;

namespace Krasis.App.Versions;

/// <summary>Shows a standard that the bar has moved: as published, as the bar pours it now, and written so that it pours what it poured.</summary>
public sealed class AdjustStandard(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<AdjustedView> Run(string id)
    {
        var (stored, standard, bar) = file.Read(session =>
            (session.Builds.Find(id), session.Standards.Last(id), session.Bar.Facts())
        );
        if (stored is null)
        {
            return Refusal.Missing("build");
        }

        // On a build that has been changed since, the amounts of its standard have nothing to say.
        var now = BuildReader.Read(stored.Document, bar);
        if (standard is null || stored.State != BuildState.Standard || standard.HasChangedIn(stored) || !now.IsRead)
        {
            return Result.Of(new AdjustedView(standard?.Number ?? 0, null, null));
        }

        var then = BarReader.Read(standard.Bar).Value;
        var published = standard.Frozen.Sheet;
        var current = Mixer.Mix(now.Value, bar);
        if (SheetMoves.Between(published, current).Count == 0)
        {
            return Result.Of(new AdjustedView(standard.Number, null, null));
        }

        var document = Adjuster.PourAsBefore(stored.Document, then, bar);
        var adjusted =
            BuildReader.Read(document, bar) is { IsRead: true } read
            && BuildDiff.Between(stored.Document, current, document, Mixer.Mix(read.Value, bar), bar).Count > 0
                ? Mixer.Mix(read.Value, bar)
                : null;
        return Result.Of(
            new AdjustedView(
                standard.Number,
                Pours.Of(published, current, adjusted, bar.House),
                adjusted is null ? null : document
            )
        );
    }
}
