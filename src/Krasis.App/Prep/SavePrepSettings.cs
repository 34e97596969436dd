using Krasis.App.Shared;
using Krasis.App.Tastings;
using Krasis.Core.Planning.Preparing;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Saves how the house prepares.</summary>
public sealed class SavePrepSettings(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PrepSettingsView> Run(PrepDocument document, ExpectedVersion expected)
    {
        var read = PrepReader.Read(document);
        return !read.IsRead
            ? Refusal.Fields(read.Problems)
            : file.Write<Result<PrepSettingsView>>(session =>
                session.Prep.Save(expected.In(session, session.Prep.Find()?.Version ?? 0), Tasted.Write(document))
                == SaveOutcome.Saved
                    ? Result.Of(PrepSettingsViews.View(session, standards, clock))
                    : Refusal.Stale("way to prepare")
            );
    }
}
