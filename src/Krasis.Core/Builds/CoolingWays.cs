using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Builds;

/// <summary>What each way of cooling comes to.</summary>
public static class CoolingWays
{
    /// <summary>How a coffee is cooled where it is not said.</summary>
    public const CoolingWay WhereNoneIsSaid = CoolingWay.OverIce;

    /// <summary>How long a shot is stirred over ice until it is as cool as <see cref="Usual"/> says, s (common
    /// practice, no source).</summary>
    public const double OverIceSeconds = 30;

    /// <summary>How long a shot is swirled in a jug from the freezer, s (common practice, no source).</summary>
    public const double ChilledJugSeconds = 30;

    // Three times what melts, so that cubes are left to be taken out, in tens of grams (common practice, no source).
    private const double IcePerMelt = 3;

    /// <summary>How much ice a shot is stirred over, g.</summary>
    /// <param name="melt">What melts of it, g.</param>
    public static double IceFor(double melt) => Math.Ceiling(melt * IcePerMelt / 10) * 10;

    /// <summary>How long somebody works at it, s; null where it cools by itself.</summary>
    public static double? SecondsOf(CoolingWay way) =>
        way switch
        {
            CoolingWay.OverIce => OverIceSeconds,
            CoolingWay.ChilledJug => ChilledJugSeconds,
            _ => null,
        };

    /// <summary>How it is said on a card.</summary>
    public static string Words(CoolingWay way) =>
        way switch
        {
            CoolingWay.OverIce => "cooled over ice",
            CoolingWay.ChilledJug => "cooled in a chilled jug",
            CoolingWay.Fridge => "cooled in the fridge",
            _ => "left to cool",
        };

    /// <summary>To what it usually cools a shot, °C (common practice, no source): whisked over ice for half a minute
    /// 20; in a steel jug from the freezer 35, because 300 g of steel take up about as much heat as the shot holds; a
    /// fridge 5; standing, the room.</summary>
    /// <param name="way">The way.</param>
    /// <param name="room">How warm the room is.</param>
    public static Celsius Usual(CoolingWay way, Celsius room) =>
        way switch
        {
            CoolingWay.OverIce => Celsius.From(20),
            CoolingWay.ChilledJug => Celsius.From(35),
            CoolingWay.Fridge => Celsius.From(5),
            _ => room,
        };

    /// <summary>Water that ice gives to a gram of coffee while it is cooled over it, g:
    /// c_w·(T − T_end) ÷ (fusion + c_ice·|T_ice| + c_w·T_end). Heat balance; that the cubes are taken out again changes
    /// nothing of it.</summary>
    /// <param name="from">How hot the coffee is.</param>
    /// <param name="to">To what it is cooled.</param>
    /// <param name="ice">How cold the ice is; at most 0 °C.</param>
    /// <example>40 g from 69 to 20 °C on ice of −4 °C take up 19.3 g.</example>
    public static double MeltPerGram(Celsius from, Celsius to, Celsius ice) =>
        to.Value >= from.Value
            ? 0
            : Water.SpecificHeat
                * (from.Value - to.Value)
                / (IceFacts.Fusion + (IceFacts.SpecificHeat * Math.Abs(ice.Value)) + (Water.SpecificHeat * to.Value));
}
