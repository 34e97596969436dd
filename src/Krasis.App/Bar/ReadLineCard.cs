using Krasis.App.Shared;
using Krasis.Core.Bar.Cups;
using Krasis.Store;

namespace Krasis.App.Bar;

/// <summary>Gives the printed lines of a cup.</summary>
public sealed class ReadLineCard(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<LineCard> Run(string id) =>
        file.Read(session => session.Bar.Facts()).Find(new CupId(id)) is { } cup
            ? Result.Of(LineCard.Of(cup))
            : Refusal.Missing("cup");
}
