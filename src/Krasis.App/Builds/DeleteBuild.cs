using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Builds;

/// <summary>Deletes a build. It can be restored.</summary>
public sealed class DeleteBuild(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const string What = "build";

    /// <summary>Does it.</summary>
    public Result<Done> Run(string id, ExpectedVersion expected)
    {
        return file.Write(session =>
            session.Builds.Delete(id, expected.In(session, session.Builds.Find(id)?.Version), clock.GetUtcNow())
        ) switch
        {
            SaveOutcome.Saved => Result.Done,
            SaveOutcome.Stale => Refusal.Stale(What),
            _ => Refusal.Missing(What),
        };
    }
}
