using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>A powder that has to be whisked goes in as if it dissolved.</summary>
internal sealed class LumpyPowder() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "lumpy-powder";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at) =>
        !at.Ingredient.IsWhisked
        || !at.Line.IsInside
        || at.Line.Line.Technique is Technique.Whisk or Technique.Blend or Technique.Shake
        || at.Whole.Build.Serve is Serve.Blended or Serve.Shaken
            ? null
            : Found(
                at,
                Severity.Warning,
                $"{at.Ingredient.Name} lumps unless you whisk it with a splash of hot water first.",
                at.Change("Whisk it first", LineField.Technique, Techniques.Of(Technique.Whisk))
            );
}
