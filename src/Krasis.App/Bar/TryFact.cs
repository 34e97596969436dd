using Krasis.App.Builds;
using Krasis.App.Shared;
using Krasis.Core.Bar.Kinds;
using Krasis.Store;

namespace Krasis.App.Bar;

/// <summary>Says what a fact, perhaps half entered, comes to and what it would do to the builds. Nothing is
/// kept.</summary>
public sealed class TryFact(KrasisFile file, Library library, TimeProvider clock) : IUseCase
{
    /// <summary>Tries it.</summary>
    public Result<Trial<TMeasured>> Run<TDocument, TMeasured>(
        BarKind<TDocument, TMeasured> kind,
        string? id,
        TDocument document
    )
        where TDocument : class
        where TMeasured : class =>
        FactTrial.Of(file, library, kind, id, document, clock.Today()) is { } trial
            ? trial
            : Refusal.Missing(kind.What);
}
