using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Values;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>Saves a tasting that is being set up.</summary>
public sealed class SaveTasting(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const string What = "tasting";

    // Some ten times what six samples and eight scales take.
    private const int LongestDocument = 100_000;

    /// <summary>Does it.</summary>
    public Result<TastingView> Run(string id, TastingDocument document, ExpectedVersion? expected)
    {
        if (GivenId.Refusal("id", id, "No page calls a tasting so.") is { } refusal)
        {
            return Refusal.Fields([refusal]);
        }

        // What is being set up is kept as far as it goes; it need only be whole when it is opened.
        document = document.WithoutNulls();
        var written = Tasted.Write(document);
        if (written.Length > LongestDocument || document.Samples.Count > 20 || document.Own.Count > 20)
        {
            return Refusal.Fields([
                Problem.At("samples", null, "That is more than a tasting holds.", "6 samples and 8 scales at the most"),
            ]);
        }

        return file.Write<Result<Done>>(session =>
            {
                if (session.Tastings.Find(id) is not { } before)
                {
                    if (expected is not null)
                    {
                        return Refusal.Missing(What);
                    }

                    session.Tastings.Add(id, written, clock.GetUtcNow());
                }
                else if (before.Document != written)
                {
                    if (expected is null)
                    {
                        return Refusal.Unconditional();
                    }

                    if (before.State != "draft")
                    {
                        return TastingViews.Running("It has been opened: what is tasted stays as it is.");
                    }

                    if (session.Tastings.Update(id, expected.In(session, before.Version), written) != SaveOutcome.Saved)
                    {
                        return Refusal.Stale(What);
                    }
                }

                return default(Done);
            })
            .Then(_ => TastingViews.Now(file, id));
    }
}
