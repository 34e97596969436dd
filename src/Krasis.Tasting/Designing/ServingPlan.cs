using Krasis.Tasting.Documents;

namespace Krasis.Tasting.Designing;

/// <summary>Who gets which glasses in which order: the same for the same seed, however many come.</summary>
public sealed class ServingPlan
{
    private readonly IReadOnlyList<IReadOnlyList<int>> orders;
    private readonly IReadOnlyList<IReadOnlyList<string>> codes;
    private readonly bool hasReference;

    private ServingPlan(
        IReadOnlyList<IReadOnlyList<int>> orders,
        IReadOnlyList<IReadOnlyList<string>> codes,
        bool hasReference
    )
    {
        (this.orders, this.codes, this.hasReference) = (orders, codes, hasReference);
        Codes = [.. codes.Select(each => (IReadOnlyList<string>)[.. each])];
    }

    /// <summary>The codes of every sample. A sample that stands before one taster more than once has a code for each
    /// time.</summary>
    public IReadOnlyList<IReadOnlyList<string>> Codes { get; }

    /// <summary>After how many tasters every order has been served once: a number of tasters that is a multiple of it
    /// is balanced.</summary>
    public int Round => orders.Count;

    /// <summary>Draws a plan.</summary>
    /// <param name="question">What is asked.</param>
    /// <param name="samples">How many samples.</param>
    /// <param name="seed">What chance goes by.</param>
    public static ServingPlan Of(TastingQuestion question, int samples, int seed)
    {
        var random = new Random(seed);
        var times = question.Glasses == 3 ? 2 : 1;
        var drawn = SampleCodes.Draw(random, samples * times);
        var codes = Enumerable
            .Range(0, samples)
            .Select(sample => (IReadOnlyList<string>)[.. drawn.Skip(sample * times).Take(times)])
            .ToList();
        var orders = (question.Method, samples) switch
        {
            ({ Code: "triangle" }, _) =>
            [
                [0, 0, 1],
                [0, 1, 0],
                [1, 0, 0],
                [1, 1, 0],
                [1, 0, 1],
                [0, 1, 1],
            ],
            ({ Code: "duo-trio" }, _) =>
            [
                [0, 0, 1],
                [0, 1, 0],
                [1, 0, 1],
                [1, 1, 0],
            ],
            (_, 1) =>
            [
                [0],
            ],
            _ => Williams.Orders(samples).Select(order => order.ToArray()).ToArray(),
        };

        // Whoever comes first shall not always have the same.
        random.Shuffle(orders);
        return new ServingPlan(orders, codes, question.Code == TastingQuestion.DuoTrio.Code);
    }

    /// <summary>The glasses of a taster, in the order in which they are tasted.</summary>
    /// <param name="seat">Which taster, counted from 1 in the order of coming.</param>
    /// <param name="withdrawn">Samples that are served no more.</param>
    public IReadOnlyList<Glass> For(int seat, IReadOnlyCollection<int> withdrawn)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(seat, 1);
        var met = new int[codes.Count];
        return
        [
            .. orders[(seat - 1) % orders.Count]
                .Select((sample, place) => new Glass(codes[sample][met[sample]++], sample, hasReference && place == 0))
                .Where(glass => !withdrawn.Contains(glass.Sample)),
        ];
    }
}
