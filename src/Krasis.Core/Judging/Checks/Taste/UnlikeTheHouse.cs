using Krasis.Core.Bar.House;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;

namespace Krasis.Core.Judging.Checks.Taste;

/// <summary>A flavour goes in otherwise than the house pours its sort into that cup; or it is to go by the house, and
/// the house has not said.</summary>
internal sealed class UnlikeTheHouse() : LineCheck(onlyReference: false)
{
    /// <inheritdoc/>
    public override string Name => "unlike-the-house";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        if (at.Line.Mark is not null || !FlavourStandard.Covers(at.Ingredient, at.Amount.Measure))
        {
            return null;
        }

        var kind = Input.Choice.Word(at.Ingredient.Kind);
        if (at.Whole.Bar.House.Flavours.StrokesOf(at.Ingredient, at.Size.Size) is not { } strokes)
        {
            return at.Line.Facts.Rule.By == ScaleBy.House && !at.Line.IsSaid
                ? Found(
                    at,
                    Severity.Note,
                    $"the house has not said how much {kind} goes into this cup, so that {at.Ingredient.Name} goes with the cup."
                )
                : null;
        }

        return Math.Abs(at.Line.Amount - strokes) < 1e-6
            ? null
            : Found(
                at,
                Severity.Note,
                $"{at.Amount} of {at.Ingredient.Name}, and the house pours {at.Amount.With(strokes)} of a {kind} into this cup.",
                at.Line.Facts.Rule.By == ScaleBy.House
                    ? at.Make(strokes)
                    : at.Change("Pour it as the house does", LineField.House, null)
            );
    }
}
