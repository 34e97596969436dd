using System.Globalization;

namespace Krasis.Core.Tests.Outside;

/// <summary>How long a property is tried: briefly in the suite, and as often as is asked for in a proof.</summary>
internal static class Proof
{
    private static readonly int Longer = int.TryParse(
        Environment.GetEnvironmentVariable("KRASIS_PROOF"),
        NumberStyles.None,
        CultureInfo.InvariantCulture,
        out var times
    )
        ? times
        : 1;

    /// <summary>So many cases in the suite, and in a proof as many times as <c>KRASIS_PROOF</c> says.</summary>
    public static long Times(int cases) => (long)cases * Math.Max(1, Longer);

    /// <summary>Prints what a proof has counted; nothing in the suite.</summary>
    public static void Tell(string counted)
    {
        if (Longer > 1)
        {
            Xunit.TestContext.Current.TestOutputHelper?.WriteLine(counted);
        }
    }
}
