using Krasis.Core.Planning.Expecting;

namespace Krasis.Core.Planning.Needing;

/// <summary>How much of an item some cups take together, and how widely that scatters. Cups of different drinks and
/// days scatter by themselves.</summary>
/// <param name="Mean">On average: Σ amount × cups.</param>
/// <param name="Variance">How widely it scatters: Σ amount² × the variance of the cups.</param>
/// <param name="Weight">Σ amount² × cups, by which the amount that counts as one is found.</param>
public readonly record struct NeedMoments(double Mean, double Variance, double Weight)
{
    /// <summary>Of a number of cups that each take so much.</summary>
    public static NeedMoments Of(double amount, Expected cups) =>
        new(amount * cups.Mean, amount * amount * cups.Variance, amount * amount * cups.Mean);

    /// <summary>Both together.</summary>
    public static NeedMoments operator +(NeedMoments one, NeedMoments other) =>
        new(one.Mean + other.Mean, one.Variance + other.Variance, one.Weight + other.Weight);

    /// <summary>The amount that lasts with a probability.</summary>
    /// <remarks>Counted in portions of Σa²λ ÷ Σaλ, of which there are as many as give the mean, and which scatter as
    /// cups do: exact where every cup takes the same, and with the right mean and variance everywhere.</remarks>
    public double Lasting(double p)
    {
        if (Weight <= 0 || Mean <= 0)
        {
            return Mean;
        }

        // What is certain comes on top of what scatters.
        var portion = Weight / Mean;
        return portion * CountQuantile.Of(Mean / portion, Variance / (portion * portion), p);
    }
}
