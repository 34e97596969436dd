using Krasis.App.Prep;
using Krasis.App.Shared;

namespace Krasis.App.Tests.Prep;

/// <summary>A line of the book that is sent twice.</summary>
public sealed class WriteStockTests : IDisposable
{
    private const string Milk = "ingredient:farm-milk";

    private readonly PloverLock house = new();
    private readonly string lot;
    private int sent;

    public WriteStockTests() =>
        lot = house.File.Read(session => session.Prep.LotsInStock().First(each => each.Item == Milk).Lot);

    public static TheoryData<string, double?> Moves =>
        new()
        {
            { "bought", 1000 },
            { "counted", 123 },
            { "thrown", 40 },
            { "thrown", null },
            { "opened", null },
        };

    public void Dispose() => house.Dispose();

    [Theory]
    [MemberData(nameof(Moves))]
    public void Sent_again_it_is_in_the_book_once_also_after_more_was_written(string move, double? amount)
    {
        var request = Request(move, amount);
        Write(request);
        var lines = Lines();
        Write(request);
        Write(Request("bought", 700));
        Write(request);

        Assert.Equal(lines + 1, Lines());
    }

    [Theory]
    [MemberData(nameof(Moves))]
    public void Something_else_under_its_id_is_refused_and_not_written(string move, double? amount)
    {
        var request = Request(move, amount);
        Write(request);
        var lines = Lines();
        foreach (
            var other in new[]
            {
                request with
                {
                    Amount = (amount ?? 5) + 1,
                },
                request with
                {
                    Reason = "Another reason",
                },
                request with
                {
                    Move = move == "thrown" ? "counted" : "thrown",
                    Amount = amount ?? 5,
                },
                request.Lot is null
                    ? request with
                    {
                        Item = "ingredient:oat-drink",
                    }
                    : request with
                    {
                        Lot = "991231-01",
                    },
            }
        )
        {
            // An opening has no amount.
            if (move == "opened" && other.Move == move && other.Amount != request.Amount)
            {
                continue;
            }

            Assert.Equal("This entry was already saved with other details.", Run(other).Refusal?.Title);
        }

        Assert.Equal(lines, Lines());
    }

    [Theory]
    [InlineData("bought")]
    [InlineData("opened")]
    public void Another_use_by_day_under_the_same_id_is_refused(string move)
    {
        var request = Request(move, move == "bought" ? 1000 : null) with { UseBy = "2026-11-28" };
        Write(request);
        Write(request);
        Assert.NotNull(Run(request with { UseBy = "2026-11-29" }).Refusal);
    }

    [Fact]
    public void Packs_are_the_same_as_long_as_they_are_as_many()
    {
        var packed = house.File.Read(session =>
            Kitchen.Of(session, house.Needs, house.Clock).Catalogue.Values.First(each => each.Pack is not null).Item
        );
        var request = Request("bought", null) with { Item = packed.ToString(), Packs = 2 };
        Write(request);
        var lines = Lines();
        Write(request);
        Assert.Equal(
            "This entry was already saved with other details.",
            Run(request with { Packs = 3 }).Refusal?.Title
        );
        Assert.Equal(lines, Lines());
    }

    private StockRequest Request(string move, double? amount) =>
        new(
            $"0123456789abcdef{sent++:00}",
            move,
            move == "bought" ? null : lot,
            move == "bought" ? Milk : null,
            amount,
            null,
            move == "opened" ? "2026-11-27" : null,
            move == "thrown" ? "It was spilled" : null,
            "Mira"
        );

    private Result<StockView> Run(StockRequest request) =>
        new WriteStock(house.File, house.Needs, house.Clock).Run(request);

    private void Write(StockRequest request)
    {
        var written = Run(request);
        Assert.True(written.Refusal is null, written.Refusal?.Detail);
    }

    private long Lines() => house.File.Read(session => session.Prep.BookLength);
}
