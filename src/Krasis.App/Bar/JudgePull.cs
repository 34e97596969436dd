using Krasis.App.Shared;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Input;
using Krasis.Core.Quantities;
using Krasis.Store;

namespace Krasis.App.Bar;

/// <summary>Judges a pull of espresso.</summary>
public sealed class JudgePull(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PullVerdict> Run(string id, PullRequest pull)
    {
        var fields = new FieldReader();
        var grams = fields.Number("grams", pull.Grams, 1, 300, "g");
        var seconds = fields.Number("seconds", pull.Seconds, 1, 200, "s");
        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        var (document, bar) = file.Read(session =>
            (session.Bar.List(BarKinds.Espresso).FirstOrDefault(fact => fact.Id == id)?.Document, session.Bar.Facts())
        );
        return document is null
            ? Refusal.Missing("espresso recipe")
            : Result.Of(
                PullVerdict.On(
                    new Pull(Grams.From(grams), seconds),
                    EspressoReader.Read(document, "", bar.Find(new IngredientId(document.Ingredient!))?.Density).Value,
                    bar.House.Serving.YieldTolerance
                )
            );
    }
}
