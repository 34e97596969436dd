using Krasis.Core.Judging;
using Krasis.Store.Standards;

namespace Krasis.App.Standards;

/// <summary>Shows standards.</summary>
public static class StandardViews
{
    public const string What = "standard";

    public static StandardView View(StoredStandard standard) =>
        new(
            standard.BuildId,
            standard.Number,
            standard.Published.At,
            standard.Published.Who,
            standard.Published.Why,
            standard.Document,
            standard.Bar,
            standard.Frozen.Sheet,
            standard.Record?.Sums ?? SumsVersion.Current
        );
}
