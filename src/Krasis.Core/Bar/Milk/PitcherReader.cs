using System.Globalization;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Milk;

/// <summary>Reads pitchers.</summary>
public static class PitcherReader
{
    /// <summary>Reads one pitcher.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<Pitcher> Read(PitcherDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);
        var spout = fields.Number("spoutMl", document.SpoutMl, 30, 5000, "ml");
        var least = fields.Number("leastMl", document.LeastMl, 0, 5000, "ml");
        if (fields.Problems.Count == 0 && least > spout)
        {
            fields.Report(
                "leastMl",
                least.ToString(CultureInfo.InvariantCulture),
                $"The least, {least:0} ml, is more than it holds.",
                $"at most {spout:0} ml"
            );
        }

        return fields.Finish(() => new Pitcher(id, name, Millilitres.From(spout), Millilitres.From(least)));
    }
}
