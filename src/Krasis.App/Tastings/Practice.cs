using Krasis.Store;
using Krasis.Tasting.Simulating;

namespace Krasis.App.Tastings;

/// <summary>Fills a tasting with simulated tasters.</summary>
public static class Practice
{
    /// <summary>Seats simulated tasters, and has them answer.</summary>
    /// <param name="session">The file.</param>
    /// <param name="tasted">The tasting, opened.</param>
    /// <param name="count">How many.</param>
    /// <param name="wants">How far the panel's ideal is from the first sample on a scale, %.</param>
    /// <param name="seed">What chance goes by.</param>
    /// <param name="now">When they answer.</param>
    public static void Fill(
        Session session,
        Tasted tasted,
        int count,
        IReadOnlyDictionary<string, double> wants,
        int seed,
        DateTimeOffset now
    )
    {
        var (setup, opened) = (tasted.Setup!, tasted.Opened!);
        var tastes = opened.Samples.Select(Of).ToList();
        var ideal = wants.ToDictionary(want => want.Key, want => tastes[0].Of(want.Key) * (1 + (want.Value / 100)));
        var from = session.Tastings.Tasters(tasted.Stored.Id).Count;
        var seats = Enumerable.Range(from + 1, count).ToList();
        foreach (
            var (seat, answer) in seats.Zip(SimulatedPanel.Answers(setup, tastes, new PanelTraits(ideal), seats, seed))
        )
        {
            var device = $"00000000-0000-0000-0000-{seat:x12}";
            session.Tastings.Sit(tasted.Stored.Id, device, isSimulated: true, now);
            session.Tastings.Answer(tasted.Stored.Id, device, Tasted.Write(answer), isCounted: true, now);
        }
    }

    private static SampleTaste Of(OpenedSample sample)
    {
        var on = new Dictionary<string, double>();
        foreach (
            var (code, value) in new[]
            {
                ("strength", sample.Strength),
                ("sweetness", sample.Sweetness),
                ("flavour", sample.Flavour),
            }
        )
        {
            if (value is { } known && known > 0)
            {
                on[code] = known;
            }
        }

        return new SampleTaste(on);
    }
}
