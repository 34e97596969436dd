using Krasis.App.Shared;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Input;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>Judges a shot in a make.</summary>
public sealed class JudgeShot(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PullVerdict> Run(ShotRequest request)
    {
        var (drink, problem) = file.Read(session => MadeDrink.Find(session, request.Drink));
        if (drink is null)
        {
            return problem!;
        }

        var fields = new FieldReader();
        var grams = fields.Number("grams", request.Grams, 1, 300, "g");
        var seconds = fields.Number("seconds", request.Seconds, 1, 200, "s");
        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        var verdict = ShotVerdict.On(
            drink.Build,
            drink.Bar,
            request.Station,
            new CupId(request.Drink.Size ?? ""),
            new PouredLine(new LineId(request.Line ?? ""), Grams.From(grams)),
            seconds
        );
        return verdict.IsRead ? Result.Of(verdict.Value) : Refusal.Fields(verdict.Problems);
    }
}
