using Krasis.App.Shared;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Making.Rescuing;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>Says what still helps when something went wrong.</summary>
public sealed class FindRescue(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<Rescue> Run(RescueRequest request)
    {
        var (drink, problem) = file.Read(session => MadeDrink.Find(session, request.Drink));
        if (drink is null)
        {
            return problem!;
        }

        var poured = PouredRequest.Read(request.Poured);
        if (!poured.IsRead)
        {
            return Refusal.Fields(poured.Problems);
        }

        var rescue = Rescuer.Rescue(
            drink.Build,
            drink.Bar,
            request.Station,
            new CupId(request.Drink.Size ?? ""),
            poured.Value
        );
        return rescue.IsRead ? Result.Of(rescue.Value) : Refusal.Fields(rescue.Problems);
    }
}
