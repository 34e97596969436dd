using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Plans;

/// <summary>What is wanted of an item, day by day.</summary>
internal sealed class Demand(int days)
{
    private readonly NeedMoments[] drinks = new NeedMoments[days];
    private readonly double[] batches = new double[days];
    private readonly int?[] firstBatch = new int?[days];

    /// <summary>Wanted by drinks.</summary>
    public void Add(int day, NeedMoments need) => drinks[day] += need;

    /// <summary>Wanted by a batch that is begun then.</summary>
    public void Add(int day, double grams, int begin)
    {
        batches[day] += grams;
        firstBatch[day] = Math.Min(firstBatch[day] ?? begin, begin);
    }

    /// <summary>What is wanted on average on a day.</summary>
    public double Mean(int day) => drinks[day].Mean + batches[day];

    /// <summary>What lasts over some days, both counted.</summary>
    public double Lasting(int from, int to, double p)
    {
        var (scattering, certain) = (default(NeedMoments), 0.0);
        for (var day = from; day <= to; day++)
        {
            scattering += drinks[day];
            certain += batches[day];
        }

        return certain + scattering.Lasting(p);
    }

    /// <summary>When it has to be there on a day.</summary>
    /// <param name="day">The day.</param>
    /// <param name="opens">When the house opens then.</param>
    public int DueOn(int day, int opens) =>
        firstBatch[day] is { } batch
            ? drinks[day].Mean > 0
                ? Math.Min(batch, opens)
                : batch
            : opens;
}
