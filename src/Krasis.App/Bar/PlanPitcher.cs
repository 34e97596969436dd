using Krasis.App.Shared;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Input;
using Krasis.Core.Quantities;
using Krasis.Store;

namespace Krasis.App.Bar;

/// <summary>Says what a pitcher gives.</summary>
public sealed class PlanPitcher(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PlanView> Run(double ml)
    {
        var fields = new FieldReader();
        var milk = fields.Number("ml", ml, 1, 5000, "ml");
        return fields.Problems.Count > 0
            ? Refusal.Fields(fields.Problems)
            : Result.Of(
                new PlanView(MilkPlan.For(Millilitres.From(milk), file.Read(session => session.Bar.Facts()).Pitchers))
            );
    }
}
