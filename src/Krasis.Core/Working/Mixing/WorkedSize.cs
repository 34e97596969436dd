using Krasis.Core.Working.Scaling;

namespace Krasis.Core.Working.Mixing;

/// <summary>A size with the amount of every line settled, in the line's measure.</summary>
internal sealed class WorkedSize
{
    private readonly bool isBlended;

    /// <summary>Puts a settled size together.</summary>
    public WorkedSize(ScaledSize size, IReadOnlyList<LineFacts> lines, double[] exact, double[] amounts, Origin[] origins, bool isBlended)
    {
        this.isBlended = isBlended;
        Size = size;
        Lines = lines;
        Exact = exact;
        Amounts = amounts;
        Origins = origins;
        Poured = With(amounts);
    }

    /// <summary>The size.</summary>
    public ScaledSize Size { get; }

    /// <summary>The lines, in pour order.</summary>
    public IReadOnlyList<LineFacts> Lines { get; }

    /// <summary>What scaling asked for.</summary>
    public double[] Exact { get; }

    /// <summary>What the bar pours.</summary>
    public double[] Amounts { get; }

    /// <summary>Where the amounts come from.</summary>
    public Origin[] Origins { get; }

    /// <summary>All that is poured.</summary>
    public Tally Poured { get; }

    /// <summary>Grams of one line as poured.</summary>
    public double Mass(int index) => Lines[index].Mass(Amounts[index], Size.Growth.Stretch);

    /// <summary>The cup with other amounts in it.</summary>
    public Tally With(double[] amounts)
    {
        var tally = new Tally(isBlended);
        for (var i = 0; i < amounts.Length; i++)
        {
            tally.Add(Lines[i], Lines[i].Mass(amounts[i], Size.Growth.Stretch));
        }

        return tally;
    }
}
