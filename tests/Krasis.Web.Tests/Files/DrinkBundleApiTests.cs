using System.Text.Json.Nodes;

namespace Krasis.Web.Tests.Files;

/// <summary>Drinks that go to another bar.</summary>
public sealed class DrinkBundleApiTests : BundleApiTests
{
    [Fact]
    public async Task A_drink_goes_to_a_bar_with_another_pump_and_is_undone_there()
    {
        // There the cardamom pump gives half as much again, and hazelnut is not known at all.
        var pump = (await Other.Get("/api/bar")).Json["dispensers"]!
            .AsArray()
            .Single(one => (string?)one!["id"] == "pump-cardamom")!;
        var document = pump["document"]!.DeepClone();
        document["strokesGrams"] = new JsonArray();
        document["weighedOn"] = null;
        document["nominalMl"] = null;
        document["strokeMl"] = 4;
        var weighed = await Other.Put("/api/bar/dispensers/pump-cardamom", document, (string)pump["etag"]!);
        Assert.True(weighed.Status == 200, weighed.Text);
        var drink = await Drink(LockHouse, "Cardamom latte");
        var key = await Send(Other, await Bytes(LockHouse, $"/api/files/drinks.krasis?build={drink}"));
        Assert.Equal(
            ("drinks", "Cardamom latte", "same"),
            ((string?)key["scope"], (string?)key["drinks"]![0]!["name"], (string?)key["drinks"]![0]!["standing"])
        );

        var look = await Other.Post(
            $"/api/files/bundles/{key["key"]}/look",
            new JsonObject { ["drinks"] = new JsonArray(drink), ["choices"] = new JsonArray() }
        );
        Assert.True(look.Status == 200, look.Text);
        Assert.All(look.Json["facts"]!.AsArray(), fact => Assert.NotNull(fact!["choice"]!["own"]));
        var rows = look.Json["drinks"]![0]!["sizes"]!
            .AsArray()
            .SelectMany(size => size!["rows"]!.AsArray())
            .Where(row => (string?)row!["what"] == "Cardamom syrup")
            .ToList();
        Assert.All(rows, row => Assert.NotEqual((string?)row!["published"], (string?)row["now"]));

        var count = (await Other.Get("/api/builds")).Json.AsArray().Count;
        var taken = await Other.Post(
            $"/api/files/bundles/{key["key"]}/take",
            new JsonObject
            {
                ["drinks"] = new JsonArray(new JsonObject { ["id"] = drink, ["as"] = "beside" }),
                ["choices"] = new JsonArray(),
            }
        );
        Assert.True(taken.Status == 200, taken.Text);
        Assert.Contains(
            "Cardamom latte (from elsewhere)",
            (await Other.Get("/api/builds")).Text,
            StringComparison.Ordinal
        );
        Assert.Equal(200, (await Other.Post($"/api/files/taken/{taken.Json["id"]}/undo", new JsonObject())).Status);
        Assert.Equal(count, (await Other.Get("/api/builds")).Json.AsArray().Count);
    }

    [Fact]
    public async Task A_drink_that_takes_another_s_place_is_that_drink_s_next_version()
    {
        var drink = await Drink(LockHouse, "Cardamom latte");
        var sent = await LockHouse.Get($"/api/builds/{drink}");
        var changed = sent.Json["document"]!.DeepClone();
        changed["reserveMm"] = 9;
        Assert.Equal(200, (await LockHouse.Put($"/api/builds/{drink}", changed, sent.ETag!)).Status);
        var key = await Send(Other, await Bytes(LockHouse, $"/api/files/drinks.krasis?build={drink}"));
        var own = $"/api/builds/{await Drink(Other, "Cardamom latte")}";
        var taken = await Other.Post(
            $"/api/files/bundles/{key["key"]}/take",
            new JsonObject
            {
                ["drinks"] = new JsonArray(new JsonObject { ["id"] = drink, ["as"] = "replace" }),
                ["choices"] = new JsonArray(),
            }
        );
        Assert.True(taken.Status == 200, taken.Text);
        var replaced = await Other.Get(own);
        Assert.Equal(9, (double)replaced.Json["document"]!["reserveMm"]!);

        // What somebody has made of it since is not lost by an undo.
        var since = replaced.Json["document"]!.DeepClone();
        since["reserveMm"] = 7;
        Assert.Equal(200, (await Other.Put(own, since, replaced.ETag!)).Status);
        var late = await Other.Post($"/api/files/taken/{taken.Json["id"]}/undo", new JsonObject());
        Assert.Equal(409, late.Status);
        Assert.Contains("has been changed since", late.Text, StringComparison.Ordinal);
        Assert.Equal(7, (double)(await Other.Get(own)).Json["document"]!["reserveMm"]!);
    }

    [Fact]
    public async Task Two_drinks_do_not_take_the_place_of_one()
    {
        // Both are called as the one here is.
        var drink = await Drink(LockHouse, "Cardamom latte");
        var twin = (await LockHouse.Get($"/api/builds/{drink}")).Json["document"]!.DeepClone();
        var second = (string)(await LockHouse.Post("/api/builds", twin)).Json["id"]!;
        var key = await Send(Other, await Bytes(LockHouse, $"/api/files/drinks.krasis?build={drink}&build={second}"));
        var own = $"/api/builds/{await Drink(Other, "Cardamom latte")}";
        var before = await Other.Get(own);

        var replaced = await Take("replace");
        Assert.Equal(409, replaced.Status);
        Assert.Contains("Two drinks cannot both", replaced.Text, StringComparison.Ordinal);
        Assert.Equal(before.Text, (await Other.Get(own)).Text);

        // Beside it, each has a name of its own.
        Assert.Equal(200, (await Take("beside")).Status);
        var names = (await Other.Get("/api/builds"))
            .Json.AsArray()
            .Select(build => (string)build!["name"]!)
            .Where(name => name.StartsWith("Cardamom latte", StringComparison.Ordinal))
            .ToList();
        Assert.Equal(3, names.Distinct().Count());

        Task<Answer> Take(string how) =>
            Other.Post(
                $"/api/files/bundles/{key["key"]}/take",
                new JsonObject
                {
                    ["drinks"] = new JsonArray([
                        .. new[] { drink, second }.Select(id => (JsonNode)new JsonObject { ["id"] = id, ["as"] = how }),
                    ]),
                    ["choices"] = new JsonArray(),
                }
            );
    }

    [Fact]
    public async Task A_drink_that_took_another_s_place_gives_it_back()
    {
        var drink = await Drink(LockHouse, "Cardamom latte");
        var key = await Send(Other, await Bytes(LockHouse, $"/api/files/drinks.krasis?build={drink}"));
        var own = $"/api/builds/{await Drink(Other, "Cardamom latte")}";
        var before = await Other.Get(own);
        var taken = await Other.Post(
            $"/api/files/bundles/{key["key"]}/take",
            new JsonObject
            {
                ["drinks"] = new JsonArray(new JsonObject { ["id"] = drink, ["as"] = "replace" }),
                ["choices"] = new JsonArray(),
            }
        );
        Assert.True(taken.Status == 200, taken.Text);
        Assert.Equal(200, (await Other.Post($"/api/files/taken/{taken.Json["id"]}/undo", new JsonObject())).Status);
        Assert.Equal(before.Json["document"]!.ToJsonString(), (await Other.Get(own)).Json["document"]!.ToJsonString());
    }

    [Theory]
    [InlineData("bar.json", "bar", "dispensers")]
    [InlineData("bar.json", "bar", "ingredients")]
    [InlineData("bar.json", "bar", "cups")]
    [InlineData("", "build", "lines")]
    [InlineData("", "build", "sizes")]
    public async Task Drinks_in_whose_lists_nothing_stands_are_refused_with_a_sentence(
        string path,
        string part,
        string list
    )
    {
        var id = await Drink(LockHouse, "Cardamom latte");
        var bundle = await Bytes(LockHouse, $"/api/files/drinks.krasis?build={id}");
        var at = Documents(bundle)
            .Keys.Single(key => path.Length > 0 ? key == path : key.Contains(id, StringComparison.Ordinal));
        var answer = await Post(Other, Sealed(bundle, at, document => document[part]![list]!.AsArray().Add(null)));

        Assert.True(answer.Status == 422, answer.Text);
        Assert.Contains("There is nothing in a place of one of its lists", answer.Text, StringComparison.Ordinal);
    }
}
