using Krasis.Core.Bar.Coffee;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>The last checked pull was not as the recipe wants it.</summary>
internal sealed class ShotOutsideTheWindow : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "shot-window";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!size.IsReference)
        {
            yield break;
        }

        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            if (worked.Amounts[i] > 0 && setting.Bar.EspressoOf(line.Ingredient.Id) is { LastPull: { } pull } recipe && PullVerdict.On(pull, recipe) is { IsGood: false } verdict)
            {
                yield return new Finding(Name, Severity.Warning, size.Size, line.Line.Id, $"{size.Name}: the last checked pull of {line.Ingredient.Name} was off. {verdict.Words}", null);
            }
        }
    }
}
