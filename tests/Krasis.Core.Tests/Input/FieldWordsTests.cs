using Krasis.Core.Input;

namespace Krasis.Core.Tests.Input;

/// <summary>Fields as people call them.</summary>
public class FieldWordsTests
{
    [Theory]
    [InlineData("topDiameterMm", "top diameter in mm")]
    [InlineData("lines[0].amount", "line 1, amount")]
    [InlineData("per100g.sucrose", "per 100 g, sucrose")]
    [InlineData("strokesGrams", "strokes in g")]
    [InlineData("parts[11].lines[2].ingredient", "part 12, line 3, ingredient")]
    [InlineData("name", "name")]
    [InlineData("line 3, Name", "line 3, Name")]
    [InlineData("", "")]
    public void A_field_is_said_in_words(string path, string words) => Assert.Equal(words, FieldWords.Of(path));
}
