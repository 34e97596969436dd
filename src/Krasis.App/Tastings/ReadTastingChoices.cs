using Krasis.App.Shared;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>Lists what a tasting can be.</summary>
public sealed class ReadTastingChoices() : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<TastingChoices> Run() => Result.Of(new TastingChoices(TastingQuestion.All, JarScale.All));
}
