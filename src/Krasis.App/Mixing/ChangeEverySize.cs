using Krasis.App.Shared;
using Krasis.Core.Changing.EverySize;
using Krasis.Store;

namespace Krasis.App.Mixing;

/// <summary>Changes one thing of a build in every size, to be looked at. Nothing is kept.</summary>
public sealed class ChangeEverySize(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<EverySizeChanged> Run(EverySizeRequest request)
    {
        var (bar, other) = file.Read(session =>
            (session.Bar.Facts(), request.StrongAs is { } id ? session.Builds.Find(id) : null)
        );
        if (request.StrongAs is not null && other is null)
        {
            return Refusal.Fields([
                new("strongAs", request.StrongAs, "There is no such drink any more.", "one of the house's drinks"),
            ]);
        }

        var changed = EverySizeChanger.Change(
            request.Build.WithoutNulls(),
            new EverySizeWish
            {
                Line = request.Line,
                Sweet = request.Sweet,
                StrongAs = other?.Document,
            },
            bar
        );
        return changed.IsRead ? Result.Of(changed.Value) : Refusal.Fields(changed.Problems);
    }
}
