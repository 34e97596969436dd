using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Moving;
using Krasis.Core.Judging;
using Krasis.Store.Builds;
using Krasis.Store.Standards;

namespace Krasis.App.Versions;

/// <summary>Compares standards with what the bar pours now.</summary>
public static class MovedStandards
{
    public static MovedStandard Compare(StoredStandard standard, StoredBuild build, string etag, BarFacts today)
    {
        var was = standard.Frozen.Sheet;
        var now = BuildReader.Read(standard.Document, today);
        return new MovedStandard(
            build.Id,
            etag,
            build.Document.Name ?? "",
            standard.Number,
            now.IsRead ? null : now.Problems[0].Message,
            standard.HasChangedIn(build),
            standard.Record is { } record
                && record.Sums != SumsVersion.Current
                && SheetMoves.Between(was, standard.Freeze().Sheet).Count > 0,
            now.IsRead ? SheetMoves.Between(was, Mixer.Mix(now.Value, today)) : []
        );
    }
}
