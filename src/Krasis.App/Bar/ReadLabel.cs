using Krasis.App.Shared;
using Krasis.Core.Bar.Ingredients;

namespace Krasis.App.Bar;

/// <summary>Reads what a printed label says.</summary>
public sealed class ReadLabel() : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<CompositionDocument> Run(PrintedLabel label) =>
        label.Read() is var read && read.IsRead ? Result.Of(read.Value) : Refusal.Fields(read.Problems);
}
